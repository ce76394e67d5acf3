/**
 * Shows what this machine's camera sees, the one on its back where it has two.
 * @returns what ends it
 * @throws where there is no camera, or it was not allowed
 */
export async function showCamera(video: () => HTMLVideoElement | null): Promise<() => void> {
  const stream = await navigator.mediaDevices.getUserMedia({
    video: { facingMode: 'environment', width: { ideal: 1280 } },
  });
  const end = () => stream.getTracks().forEach((track) => track.stop());
  const shown = video();
  if (!shown) {
    end();
    return end;
  }
  try {
    shown.srcObject = stream;
    await shown.play();
  } catch (error) {
    end();
    throw error;
  }
  return end;
}
