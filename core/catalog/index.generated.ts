// Written by scripts/generate-catalog.mjs; do not edit.
import carriersBeachCatamaran from './carriers/beach-catamaran';
import carriersBesideTheCourse from './carriers/beside-the-course';
import carriersBuggy from './carriers/buggy';
import carriersBuoyancyVest from './carriers/buoyancy-vest';
import carriersCoupe from './carriers/coupe';
import carriersFourByFour from './carriers/four-by-four';
import carriersFullFaceHelmet from './carriers/full-face-helmet';
import carriersGlider from './carriers/glider';
import carriersHalfShellHelmet from './carriers/half-shell-helmet';
import carriersHeadStrap from './carriers/head-strap';
import carriersKayak from './carriers/kayak';
import carriersLightAircraft from './carriers/light-aircraft';
import carriersLongboard from './carriers/longboard';
import carriersMotorcycle from './carriers/motorcycle';
import carriersMountainBike from './carriers/mountain-bike';
import carriersMultirotor from './carriers/multirotor';
import carriersParamotor from './carriers/paramotor';
import carriersPlainBody from './carriers/plain-body';
import carriersPowerboat from './carriers/powerboat';
import carriersRiderBody from './carriers/rider-body';
import carriersRoadBike from './carriers/road-bike';
import carriersSnowHelmet from './carriers/snow-helmet';
import carriersSnowboard from './carriers/snowboard';
import carriersStandUpBoard from './carriers/stand-up-board';
import carriersSurfboard from './carriers/surfboard';
import type { CarrierDefinition } from '../src/words/carrier/machine';
import camerasCageCamera from './cameras/cage-camera';
import camerasCompact from './cameras/compact';
import camerasCubeCamera from './cameras/cube-camera';
import camerasPhone from './cameras/phone';
import camerasPocketGimbal from './cameras/pocket-gimbal';
import camerasThumbCamera from './cameras/thumb-camera';
import camerasTwoLens360 from './cameras/two-lens-360';
import type { CameraDefinition } from '../src/words/kit/camera';
import basesAdhesivePad from './hardware/bases/adhesive-pad';
import basesBendableTripod from './hardware/bases/bendable-tripod';
import basesBitePiece from './hardware/bases/bite-piece';
import basesBoltedPlate from './hardware/bases/bolted-plate';
import basesBootPlate from './hardware/bases/boot-plate';
import basesChestHarness from './hardware/bases/chest-harness';
import basesCurvedAdhesivePad from './hardware/bases/curved-adhesive-pad';
import basesGroundPlate from './hardware/bases/ground-plate';
import basesHandGrip from './hardware/bases/hand-grip';
import basesHeadStrapPlate from './hardware/bases/head-strap-plate';
import basesHookAndLoopTape from './hardware/bases/hook-and-loop-tape';
import basesInterlockingTape from './hardware/bases/interlocking-tape';
import basesJawClamp from './hardware/bases/jaw-clamp';
import basesLeverClamp from './hardware/bases/lever-clamp';
import basesLineClamp from './hardware/bases/line-clamp';
import basesMagneticRelease from './hardware/bases/magnetic-release';
import basesScrewPlate from './hardware/bases/screw-plate';
import basesSeatRailClamp from './hardware/bases/seat-rail-clamp';
import basesStrapRoundBase from './hardware/bases/strap-round-base';
import basesSuctionDouble from './hardware/bases/suction-double';
import basesSuctionSingle from './hardware/bases/suction-single';
import basesSuctionTriple from './hardware/bases/suction-triple';
import basesTubeClamp from './hardware/bases/tube-clamp';
import type { BaseDefinition } from '../src/words/kit/base';
import linksDamperPlate from './hardware/links/damper-plate';
import linksFeltPad from './hardware/links/felt-pad';
import linksGooseNeck from './hardware/links/goose-neck';
import linksLongArm from './hardware/links/long-arm';
import linksLongPole from './hardware/links/long-pole';
import linksMediumPole from './hardware/links/medium-pole';
import linksRiser from './hardware/links/riser';
import linksShortArm from './hardware/links/short-arm';
import linksSoftGrommets from './hardware/links/soft-grommets';
import linksStandOffHook from './hardware/links/stand-off-hook';
import linksStiffArm from './hardware/links/stiff-arm';
import linksStiffGrommets from './hardware/links/stiff-grommets';
import type { LinkDefinition } from '../src/words/kit/link';
import headsBallJoint from './hardware/heads/ball-joint';
import headsFingerJoint from './hardware/heads/finger-joint';
import headsSwivelHead from './hardware/heads/swivel-head';
import type { HeadDefinition } from '../src/words/kit/head';
import groundsAir from './grounds/air';
import groundsRoad from './grounds/road';
import groundsSnow from './grounds/snow';
import groundsTrail from './grounds/trail';
import groundsWater from './grounds/water';
import type { GroundsOfWorld } from '../src/words/ride/groundDefinition';
import rulesAfterRide from './rules/after-ride';
import rulesAircraftCockpit from './rules/aircraft-cockpit';
import rulesAircraftOutside from './rules/aircraft-outside';
import rulesAircraftOutsideSuction from './rules/aircraft-outside-suction';
import rulesAirfield from './rules/airfield';
import rulesBoatSheets from './rules/boat-sheets';
import rulesCanopy from './rules/canopy';
import rulesCarDriver from './rules/car-driver';
import rulesCarRoad from './rules/car-road';
import rulesCarbon from './rules/carbon';
import rulesEvent from './rules/event';
import rulesHelmet from './rules/helmet';
import rulesOpenCountry from './rules/open-country';
import rulesOpenWater from './rules/open-water';
import rulesPaint from './rules/paint';
import rulesPole from './rules/pole';
import rulesPoleInside from './rules/pole-inside';
import rulesPrivateGround from './rules/private-ground';
import rulesPublicRoad from './rules/public-road';
import type { RuleDefinition } from '../src/words/rule/rule';
import intentsClearAhead from './intents/clear-ahead';
import intentsFarSubject from './intents/far-subject';
import intentsHandsAndTrail from './intents/hands-and-trail';
import intentsHandsAtWork from './intents/hands-at-work';
import intentsLookBackAtTheFace from './intents/look-back-at-the-face';
import intentsLowAndFast from './intents/low-and-fast';
import intentsMachineAtWork from './intents/machine-at-work';
import intentsNightStreaks from './intents/night-streaks';
import intentsOverTheShoulder from './intents/over-the-shoulder';
import intentsPassBy from './intents/pass-by';
import intentsSteepSlope from './intents/steep-slope';
import intentsStripAhead from './intents/strip-ahead';
import intentsWhoFollows from './intents/who-follows';
import intentsWholeCraft from './intents/whole-craft';
import type { IntentDefinition } from '../src/words/shot/intent';

export const CARRIERS: readonly CarrierDefinition[] = [
  carriersBeachCatamaran,
  carriersBesideTheCourse,
  carriersBuggy,
  carriersBuoyancyVest,
  carriersCoupe,
  carriersFourByFour,
  carriersFullFaceHelmet,
  carriersGlider,
  carriersHalfShellHelmet,
  carriersHeadStrap,
  carriersKayak,
  carriersLightAircraft,
  carriersLongboard,
  carriersMotorcycle,
  carriersMountainBike,
  carriersMultirotor,
  carriersParamotor,
  carriersPlainBody,
  carriersPowerboat,
  carriersRiderBody,
  carriersRoadBike,
  carriersSnowHelmet,
  carriersSnowboard,
  carriersStandUpBoard,
  carriersSurfboard,
];
export const CAMERAS: readonly CameraDefinition[] = [
  camerasCageCamera,
  camerasCompact,
  camerasCubeCamera,
  camerasPhone,
  camerasPocketGimbal,
  camerasThumbCamera,
  camerasTwoLens360,
];
export const BASES: readonly BaseDefinition[] = [
  basesAdhesivePad,
  basesBendableTripod,
  basesBitePiece,
  basesBoltedPlate,
  basesBootPlate,
  basesChestHarness,
  basesCurvedAdhesivePad,
  basesGroundPlate,
  basesHandGrip,
  basesHeadStrapPlate,
  basesHookAndLoopTape,
  basesInterlockingTape,
  basesJawClamp,
  basesLeverClamp,
  basesLineClamp,
  basesMagneticRelease,
  basesScrewPlate,
  basesSeatRailClamp,
  basesStrapRoundBase,
  basesSuctionDouble,
  basesSuctionSingle,
  basesSuctionTriple,
  basesTubeClamp,
];
export const LINKS: readonly LinkDefinition[] = [
  linksDamperPlate,
  linksFeltPad,
  linksGooseNeck,
  linksLongArm,
  linksLongPole,
  linksMediumPole,
  linksRiser,
  linksShortArm,
  linksSoftGrommets,
  linksStandOffHook,
  linksStiffArm,
  linksStiffGrommets,
];
export const HEADS: readonly HeadDefinition[] = [headsBallJoint, headsFingerJoint, headsSwivelHead];
export const GROUND_WORLDS: readonly GroundsOfWorld[] = [
  groundsAir,
  groundsRoad,
  groundsSnow,
  groundsTrail,
  groundsWater,
];
export const RULES: readonly RuleDefinition[] = [
  rulesAfterRide,
  rulesAircraftCockpit,
  rulesAircraftOutside,
  rulesAircraftOutsideSuction,
  rulesAirfield,
  rulesBoatSheets,
  rulesCanopy,
  rulesCarDriver,
  rulesCarRoad,
  rulesCarbon,
  rulesEvent,
  rulesHelmet,
  rulesOpenCountry,
  rulesOpenWater,
  rulesPaint,
  rulesPole,
  rulesPoleInside,
  rulesPrivateGround,
  rulesPublicRoad,
];
export const INTENTS: readonly IntentDefinition[] = [
  intentsClearAhead,
  intentsFarSubject,
  intentsHandsAndTrail,
  intentsHandsAtWork,
  intentsLookBackAtTheFace,
  intentsLowAndFast,
  intentsMachineAtWork,
  intentsNightStreaks,
  intentsOverTheShoulder,
  intentsPassBy,
  intentsSteepSlope,
  intentsStripAhead,
  intentsWhoFollows,
  intentsWholeCraft,
];
