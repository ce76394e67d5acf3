/** The public face of the core: all that page, server and tests of the page may use of it, and nothing else. */
export { creaseEdges, shadedMesh } from './mathematics/geometry/creaseEdges';
export { type Mesh, meshBounds, openEdgeCount } from './mathematics/geometry/mesh';
export type { Pose } from './mathematics/geometry/pose';
export {
  inverseRotation,
  multiplyRotations,
  panTiltRollFromRotation,
  rotate,
  rotationFromPanTiltRoll,
} from './mathematics/geometry/rotation';
export { surfacePoint } from './mathematics/geometry/surfacePoint';
export type { Vec3 } from './mathematics/geometry/vec3';
export {
  calibrateLens,
  portrait,
  projectDirectionToPixel,
  resized,
  unprojectPixelToDirection,
} from './mathematics/lens/lens';
export { angleFromFocal } from './mathematics/lens/angleFromFocal';
export { PROJECTIONS, RADIAL_PROJECTION_IDS } from './mathematics/lens/projection';
export { rowsFor } from './mathematics/lens/rayGrid';
export {
  MPS_PER_KMH,
  MPS_PER_MPH,
  inchesToMetres,
  metresToFeet,
  metresToInches,
  metresToMiles,
} from './mathematics/units/length';
export { OUNCES_PER_KG } from './mathematics/units/mass';
export { durationWords } from './mathematics/units/duration';
export { STATURE_RANGE_M } from './words/carrier/bodySegments';
export { fittedValue, type Dimension } from './words/carrier/dimension';
export { type Ground, WORLD_IDS, type WorldId } from './words/carrier/land';
export { CARRIER_FAMILIES, type CarrierFamily, type MachineDefinition } from './words/carrier/machine';
export type { PosedPart } from './words/carrier/posedPart';
export { SET_UP_STANCE_ID } from './words/carrier/stance';
export { BASE_KINDS, SURFACE_SHAPES, type Surface, type SurfaceMaterial } from './words/carrier/surface';
export { type CheckResult, type Finding, findingsOf, type Mend, worstCheck } from './words/check/result';
export type { BaseDefinition } from './words/kit/base';
export type { TetherDefinition } from './words/kit/tether';
export { ADD_ON_PLACES, type AddOnDefinition, type AddOnPlace } from './words/kit/addOn';
export type { CameraDefinition, CameraMounting } from './words/kit/camera';
export type { FilterDefinition } from './words/kit/filter';
export { METERING_WORDS } from './words/kit/metering';
export { SURFACE_STATES, type SurfaceState } from './words/kit/grip';
export type { HeadDefinition } from './words/kit/head';
export type { LinkDefinition } from './words/kit/link';
export { NO_OWN_KIT, type OwnBase, type OwnCamera, type OwnKit, type OwnLink } from './words/kit/ownKit';
export { LIGHTS, lightById, type LightId } from './words/ride/lights';
export {
  ALTITUDE_RANGE_M,
  type Blades,
  BLADES,
  DROP_LIMIT_M,
  RPM_RANGE,
  type RideConditions,
  SPEED_LIMIT_MPS,
  TEMPERATURE_RANGE_C,
  WIND_LIMIT_MPS,
} from './words/ride/rideConditions';
export { VENUES, type VenueId, usualVenue } from './words/ride/venue';
export type { OwnSpot, RigSpec, StanceShares, SubjectSpec } from './words/rig/rigSpec';
export { closestRules, type RuleDefinition } from './words/rule/rule';
export { FASTENINGS, type Fastening } from './words/setUp/fastening';
export type { FurtherArm, LinkUse, SetUp } from './words/setUp/setUp';
export { strutOf } from './words/setUp/strutOf';
export {
  type Ask,
  type LightWish,
  OWN_THINGS,
  TERM_IDS,
  type TermId,
  WEIGHT_LIMIT,
  type Weights,
  newAsk,
} from './words/shot/ask';
export { FRAME_GROUPS, type FrameGroup } from './words/shot/frameGroup';
export { litFor, ownLight } from './words/shot/ownLight';
export type { ShotQuestion } from './words/shot/shotQuestion';
export type { Source, Sourced } from './words/sourced/source';
export { aimedSetUp } from './posing/aiming/aimedSetUp';
export { horizonAtCentre } from './posing/aiming/horizon';
export { intentAsked, wantedHorizon } from './posing/aiming/wantedHorizon';
export { bodySegments } from './posing/body/segments';
export { type OwnShape, shapeMachine } from './posing/building/ownShape';
export { askedIntent, feelOf } from './posing/lookup/askedIntent';
export { groundById, groundsFor, usualRide } from './posing/lookup/grounds';
export { intentOf } from './posing/lookup/intentOf';
export { wearing } from './posing/building/wearing';
export {
  addOnsFor,
  addOnsOf,
  cameraOf,
  filtersFor,
  filtersOf,
  type Kit,
  allPieces,
  kitWith,
  polariserOf,
} from './posing/lookup/kit';
export { knownMachines, registerOwnShapes, resolveRig } from './posing/lookup/resolveRig';
export { withStanceShare } from './posing/lookup/stanceShares';
export { poseRig } from './posing/rig/poseRig';
export { lostSpots, placedAt, placedSpot, placedSpots, whyUnplaced, worldFromSpot } from './posing/rig/spots';
export { imperialWords } from './mathematics/units/imperialWords';
export { capital } from './words/carrier/inSentences';
export { tiltWords } from './mathematics/units/tiltWords';
export { fromMarkM, slides, type SpotZone } from './words/carrier/spotZone';
export { counterpartShot } from './deciding/outing/counterpartShot';
export { isOthers } from './posing/rig/riderZone';
export { othersAboard } from './posing/rig/othersAboard';
export { tetherAnchors, tetherLengthM, type TetherAnchor } from './posing/strut/tethering';
export { armFeet } from './posing/strut/armFeet';
export { armWays } from './posing/strut/armPlace';
export { baseRefusal } from './posing/strut/baseRefusal';
export { ARM_KINDS, standingArms } from './posing/strut/furtherArms';
export { BESIDE_KG } from './posing/strut/besideDevice';
export { armsRefusal } from './posing/strut/armsRefusal';
export { poseStrut, straightOnPole, turnedAfterwards } from './posing/strut/kinematics';
export { partTops } from './posing/rig/partTops';
export { surfaceAt } from './posing/rig/surfaceAt';
export { type KitKind, kitPieceParts } from './posing/strut/kitPortrait';
export { ownParts } from './posing/strut/ownParts';
export { cameraFor, plainSetUp, standardCamera } from './posing/strut/plainSetUp';
export { missingPiece, resolveSetUp } from './posing/strut/resolveSetUp';
export type { ClearReport } from './physics/clearance/clearReport';
export { FIELD_DEG, type SightReport } from './physics/clearance/sight';
export type { Approach } from './physics/clearance/strikes';
export type { StanceFrame } from './physics/framing/stanceFrame';
export type { HoldReport } from './physics/holding/holdReport';
export { exposureWords, isoWords, stopsToHalfTurn } from './physics/light/exposure';
export { exposingOf, openingOf } from './physics/light/exposing';
export { darkFrom } from './physics/light/darkFrom';
export { clockOf, dateAfter, filmedMin, filmedThen, instantOf, minutesOf } from './physics/light/clock';
export { skyAtOdds } from './physics/light/skyAtOdds';
export { lowestSunDeg, sunFromCourse, sunOf } from './physics/light/sunCourse';
export { type SunPlace } from './mathematics/sun/sun';
export { covered } from './showing/picture/worlds/covered';
export { type PictureLight, pictureLightOf, pictureLit } from './showing/picture/pictureLight';
export { FIGURE_SCALES, type Figure, figureVerdict, figureWord, pxWords } from './physics/shaking/figures/figures';
export { calibrate, calibrationWords } from './physics/shaking/measured/calibration';
export { type DominantLine, dominantLines, knownFrequencies } from './physics/shaking/measured/lines';
export {
  ACCELERATION_UNITS,
  type AccelerationUnit,
  type LogColumns,
  type LogHead,
  ROTATION_UNITS,
  type RotationUnit,
  TIME_UNITS,
  type TimeUnit,
  guessColumns,
} from './physics/shaking/measured/logColumns';
export { LOG_LIMITS, LogReader, type LogResult, type ReadLog } from './physics/shaking/measured/logReader';
export { simulatedLog } from './physics/shaking/measured/simulatedLog';
export { DRAWN_TIGHT } from './physics/stiffness/baseStiffness';
export { steadiestArm } from './physics/stiffness/steadiestArm';
export { hertzWords } from './physics/shaking/mount/mountModel';
export { LINES } from './physics/shaking/picture/pixels';
export { AS_IT_IS, type WhatIf, mountCurve } from './physics/shaking/whole/mountCurve';
export { movedAlong, previewMotion, steadiedPx } from './physics/shaking/whole/previewMotion';
export { shakenPicture } from './showing/picture/shakenPicture';
export { shakeIn } from './physics/shaking/whole/shakeOf';
export { shakeDraws, steadierIn100 } from './physics/shaking/whole/shakeDraws';
export type { ShakeQuestion } from './physics/shaking/whole/shakeScene';
export type { FigureRange } from './physics/shaking/whole/shakeRange';
export { shakeScene } from './physics/shaking/whole/shakeScene';
export { SHAKE_BAND_HZ } from './words/ride/shakeBand';
export { engineRpm, engineSweep, speedSweep, worstOf } from './physics/shaking/whole/sweeps';
export { advisedReport } from './judging/advice/advisedReport';
export type { ProvedMend } from './judging/advice/mends';
export { type School, type Schools, schoolsOf } from './judging/advice/schools';
export type { Candidate, SpotResult } from './judging/check/candidate';
export { CHECKS, type Findings, checkName } from './judging/checks';
export { causeWords } from './judging/checks/steady/judgeSteady';
export { type ReportOptions, type ShotReport, foundBy, shotReport } from './judging/report/shotReport';
export { carrierScene } from './posing/scene/carrierScene';
export { notOnThis } from './judging/scene/notOnThis';
export { shakeQuestionOf } from './judging/scene/shotScene';
export {
  type DeviceAngles,
  LAYINGS,
  type LayingId,
  damped,
  flatReading,
  levelReading,
  levelTurn,
  putRight,
  upInDevice,
} from './deciding/field/phoneLevel';
export { withLesson } from './deciding/outing/learnt/editLesson';
export { learntWords } from './deciding/outing/learnt/learntWords';
export { shakeLearnt, shakeWords } from './deciding/outing/learnt/shakeLearnt';
export { lessonsElsewhere, lessonsOf, shakeLessonsOf } from './deciding/outing/learnt/lessons';
export { tiltLearnt } from './deciding/outing/learnt/tiltLearnt';
export type { EarlierLesson, EarlierShakeLesson } from './words/learning/lesson';
export { type ClipMarks, type ClipResult, correctFromClip } from './deciding/learning/testClip/correction';
export { type ClipShake, ClipMeasurer } from './deciding/learning/movingClip/measureClip';
export { type RidesAlong, ridesAlong, ridesAt } from './deciding/learning/movingClip/ridesAlong';
export { type TrainerRound, trainerAnswer, trainerRounds } from './deciding/learning/trainer/trainer';
export { horizonBetween } from './deciding/learning/testClip/horizonReading';
export { applyCorrection } from './deciding/learning/testClip/applyCorrection';
export { nearFocus } from './deciding/learning/testClip/nearFocus';
export { densityInThirds, type SwingBand } from './deciding/learning/movingClip/pathSpectrum';
export { exposureShown } from './deciding/learning/testClip/exposureShown';
export { findHorizon, type PixelPicture } from './deciding/learning/testClip/findHorizon';
export { changeProblem } from './deciding/outing/changeProblem';
export { piecesLeft, piecesShort, type Owned, type PieceCounts } from './deciding/outing/kitUse';
export { mergeOutings } from './deciding/outing/mergeOutings';
export { partOfOuting } from './deciding/outing/partOfOuting';
export { joinOutings, originOf } from './deciding/outing/joinOutings';
export { newCarrier, newOuting } from './deciding/outing/newOuting';
export { newShot } from './deciding/outing/newShot';
export { bandsAt, carrierOfShot, measuredBands, rideOfShot, rigOfCarrier, rigOfShot } from './deciding/outing/outing';
export type { OutingCarrier, SpotLog } from './deciding/outing/records/carrierRecord';
export { OUTING_FORMAT, OUTING_VERSION, type Outing } from './deciding/outing/records/outingRecord';
export { PICTURE_SIDES_LIMIT, sortOwnKit, WIDEST_STRAIGHT_DEG } from './deciding/outing/records/rigRecord';
export { OUTING_LIMITS } from './deciding/outing/records/schemaParts';
export {
  LOG_GROUPS,
  type LogGroup,
  type LogRow,
  type LogTrend,
  WHY_NOT_WORDS,
  logRows,
  logTrends,
  movedBefore,
  nextTime,
} from './deciding/outing/logbook';
export { predictionsOf, predictionWords } from './deciding/outing/predictions';
export { LENS_AFTER, WHY_NOT } from './deciding/outing/records/shotRecord';
export type { ClipRecord, LogEntry, ShakeClip, Shot } from './deciding/outing/records/shotRecord';
export { drawFromLog } from './deciding/outing/learnt/drawFromLog';
export { searchQuestionIn, type SearchedShot } from './deciding/outing/searchQuestionIn';
export { answerAt, placesOf, type SpotAnswer } from './deciding/search/placesOf';
export { dateOf, heldOf, momentOf, runningOf, shotQuestion } from './deciding/outing/shotQuestion';
export { profileLine, trackMap, type TrackMap } from './showing/drawing/trackMap';
export { octantsOf } from './deciding/track/octantsOf';
export { trackReport, type TrackPoint, type TrackReport } from './deciding/track/track';
export {
  keepTrack,
  ONE_WAY,
  stanceForSlope,
  stretchReport,
  trackLengthM,
  trackProfile,
  type StretchReport,
} from './deciding/track/keptTrack';
export type { KeptTrack, Stretch } from './words/ride/keptTrack';
export { BLOCK_NAMES, dayPlans, type DayBlock, type DayPlan } from './deciding/day/dayPlan';
export { GOES, type PackItem, packedGrams, packList } from './deciding/day/packList';
export { AUDIENCES, B_PICTURES, B_STILL_S, STORIES } from './deciding/day/stories';
export type { AudienceId } from './deciding/outing/records/planRecord';
export { ROLES, storyOf, type StoryReport } from './deciding/day/story';
export { eveningBefore, ROUTINES, type EveningTask } from './deciding/day/tasks';
export { powerOfDay, type CameraDay } from './deciding/outing/powerOfDay';
export type { LastFound, Warms } from './judging/checks/last/lastFound';
export { SELDOM_MIN } from './judging/checks/last/lensLooks';
export { measuredWatts, percentLeft, type BatteryReading } from './physics/lasting/batteryMeter';
export type { LightFound } from './judging/checks/light/found/lightFound';
export { lightOfDay, type LightOfDay, type ShotLightHour } from './judging/report/lightOfDay';
export {
  type CameraSupplies,
  type Feed,
  type ShotUse,
  type Start,
  STARTS,
  type Supplies,
  suppliesOf,
  USUAL_SUPPLIES,
  USUAL_USE,
} from './words/shot/use';
export { type WeatherId, WEATHERS, weatherOf } from './words/ride/weather';
export type { GlobePlace, Moment, ShotHour } from './words/shot/moment';
export { asRidden, stanceLeavingFree } from './deciding/search/handFree';
export { sheetCards } from './deciding/search/foldAlike';
export { type ExactCandidate, exactCandidate, MOST_CAUTIONS } from './deciding/search/exactCandidate';
export {
  type Ranked,
  SCHOOLS,
  type SchoolId,
  lostAgainst,
  rankCandidates,
  schoolCosts,
  withVariety,
} from './deciding/search/rankCandidates';
export { bestShownSteps } from './deciding/search/rankSpots';
export { countedTerms, isStopped } from './deciding/search/score';
export {
  measuredFor,
  measuredKey,
  type SearchJob,
  type SearchQuestion,
  searchJobs,
} from './deciding/search/searchQuestion';
export { searchSteps } from './deciding/search/searchSpot';
export { weightsOf } from './deciding/search/weights';
export { whyNot, whyNothing } from './deciding/search/whyNot';
export { type CardContent, type UnitSystem, cardContent, pullWords, smallLength } from './showing/card/cardContent';
export type { CardStep } from './showing/card/cardSteps';
export { type DrawnForce, forceElevation } from './showing/drawing/forceElevation';
export { type DrawingPoint, type SideElevation, sideElevation } from './showing/drawing/sideElevation';
export { NumberRows } from './showing/formats/csv/NumberRows';
export { parseOuting, readOuting, serialiseOuting } from './showing/formats/outingJson/parseOuting';
export { LARGEST_DOCUMENT } from './showing/formats/outingJson/readDocument';
export { parseSetUpFile, setUpFileOf } from './showing/formats/outingJson/setUpFile';
export { type PortraitView, renderPortrait } from './showing/picture/portrait';
export { type LevelToSet } from './posing/aiming/levelToSet';
export { levelWords } from './showing/card/levelWords';
export { feelWords } from './physics/framing/speedFeel';
export { seamOf } from './physics/framing/throughSeam';
export { type Picture, pictureSteps, renderPicture } from './showing/picture/renderPicture';
export { CAMERAS, CARRIERS, HEADS, INTENTS } from '../catalog/index.generated';
