// Written by scripts/generate-catalog.mjs; do not edit.
import carriersBeachCatamaran from './carriers/beach-catamaran';
import carriersBesideTheCourse from './carriers/beside-the-course';
import carriersBootedBody from './carriers/booted-body';
import carriersBuggy from './carriers/buggy';
import carriersBuggyFour from './carriers/buggy-four';
import carriersBuoyancyVest from './carriers/buoyancy-vest';
import carriersCoupe from './carriers/coupe';
import carriersFourByFour from './carriers/four-by-four';
import carriersFullFaceHelmet from './carriers/full-face-helmet';
import carriersFullFacePointed from './carriers/full-face-pointed';
import carriersFullFaceVented from './carriers/full-face-vented';
import carriersFullSuspensionBike from './carriers/full-suspension-bike';
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
import carriersSkis from './carriers/skis';
import carriersSnowHelmet from './carriers/snow-helmet';
import carriersSnowboard from './carriers/snowboard';
import carriersStandUpBoard from './carriers/stand-up-board';
import carriersSunHat from './carriers/sun-hat';
import carriersSurfboard from './carriers/surfboard';
import type { CarrierDefinition } from '../src/words/carrier/machine';
import camerasBarrelCamera from './cameras/barrel-camera';
import camerasCageCamera from './cameras/cage-camera';
import camerasCompact from './cameras/compact';
import camerasCubeCamera from './cameras/cube-camera';
import camerasPhone from './cameras/phone';
import camerasPocketGimbal from './cameras/pocket-gimbal';
import camerasThumbCamera from './cameras/thumb-camera';
import camerasTwoLens360 from './cameras/two-lens-360';
import type { CameraDefinition } from '../src/words/kit/camera';
import basesAdhesivePad from './hardware/bases/adhesive-pad';
import basesBarBracket from './hardware/bases/bar-bracket';
import basesBendableTripod from './hardware/bases/bendable-tripod';
import basesBitePiece from './hardware/bases/bite-piece';
import basesBoltedPlate from './hardware/bases/bolted-plate';
import basesBootPlate from './hardware/bases/boot-plate';
import basesBracedPoleFoot from './hardware/bases/braced-pole-foot';
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
import basesLoopPlate from './hardware/bases/loop-plate';
import basesMagneticRelease from './hardware/bases/magnetic-release';
import basesPackPolePlate from './hardware/bases/pack-pole-plate';
import basesScrewPlate from './hardware/bases/screw-plate';
import basesSeatRailClamp from './hardware/bases/seat-rail-clamp';
import basesStrapRoundBase from './hardware/bases/strap-round-base';
import basesSuctionDouble from './hardware/bases/suction-double';
import basesSuctionSingle from './hardware/bases/suction-single';
import basesSuctionTriple from './hardware/bases/suction-triple';
import basesTubeClamp from './hardware/bases/tube-clamp';
import basesTwoHandGrip from './hardware/bases/two-hand-grip';
import basesTwoLashings from './hardware/bases/two-lashings';
import basesWingSleeve from './hardware/bases/wing-sleeve';
import type { BaseDefinition } from '../src/words/kit/base';
import linksDamperPlate from './hardware/links/damper-plate';
import linksFeltPad from './hardware/links/felt-pad';
import linksGooseNeck from './hardware/links/goose-neck';
import linksLongArm from './hardware/links/long-arm';
import linksLongPole from './hardware/links/long-pole';
import linksMediumPole from './hardware/links/medium-pole';
import linksQuickRelease from './hardware/links/quick-release';
import linksRiser from './hardware/links/riser';
import linksShortArm from './hardware/links/short-arm';
import linksSlidingPlate from './hardware/links/sliding-plate';
import linksSoftGrommets from './hardware/links/soft-grommets';
import linksSpringArm from './hardware/links/spring-arm';
import linksStandOffHook from './hardware/links/stand-off-hook';
import linksStiffArm from './hardware/links/stiff-arm';
import linksStiffGrommets from './hardware/links/stiff-grommets';
import type { LinkDefinition } from '../src/words/kit/link';
import headsBallJoint from './hardware/heads/ball-joint';
import headsFingerJoint from './hardware/heads/finger-joint';
import headsSnugFingerJoint from './hardware/heads/snug-finger-joint';
import headsSwivelHead from './hardware/heads/swivel-head';
import type { HeadDefinition } from '../src/words/kit/head';
import filtersNd16 from './hardware/filters/nd16';
import filtersNd32 from './hardware/filters/nd32';
import filtersNd4 from './hardware/filters/nd4';
import filtersNd64 from './hardware/filters/nd64';
import filtersNd8 from './hardware/filters/nd8';
import filtersPolariser from './hardware/filters/polariser';
import type { FilterDefinition } from '../src/words/kit/filter';
import tethersCord from './hardware/tethers/cord';
import tethersSafetyStrap from './hardware/tethers/safety-strap';
import tethersWeakLinkCord from './hardware/tethers/weak-link-cord';
import tethersWireTie from './hardware/tethers/wire-tie';
import type { TetherDefinition } from '../src/words/kit/tether';
import addOnsClearHousing from './hardware/add-ons/clear-housing';
import addOnsCloseUpLens from './hardware/add-ons/close-up-lens';
import addOnsLensHood from './hardware/add-ons/lens-hood';
import addOnsLockingCradle from './hardware/add-ons/locking-cradle';
import addOnsWideLens from './hardware/add-ons/wide-lens';
import type { AddOnDefinition } from '../src/words/kit/addOn';
import groundsAir from './grounds/air';
import groundsRoad from './grounds/road';
import groundsSnow from './grounds/snow';
import groundsTrail from './grounds/trail';
import groundsWater from './grounds/water';
import type { GroundsOfWorld } from '../src/words/ride/groundDefinition';
import rulesAfterRide from './rules/after-ride';
import rulesAircraftBalance from './rules/aircraft-balance';
import rulesAircraftCockpit from './rules/aircraft-cockpit';
import rulesAircraftOutside from './rules/aircraft-outside';
import rulesAircraftOutsideSuction from './rules/aircraft-outside-suction';
import rulesAircraftPilot from './rules/aircraft-pilot';
import rulesAirfield from './rules/airfield';
import rulesBatteries from './rules/batteries';
import rulesBesideCourse from './rules/beside-course';
import rulesBikeRoad from './rules/bike-road';
import rulesBoardProne from './rules/board-prone';
import rulesBoardStanding from './rules/board-standing';
import rulesBoardWaves from './rules/board-waves';
import rulesBoatMotor from './rules/boat-motor';
import rulesBoatSheets from './rules/boat-sheets';
import rulesBoatUnderWater from './rules/boat-under-water';
import rulesCanopy from './rules/canopy';
import rulesCarCups from './rules/car-cups';
import rulesCarDriver from './rules/car-driver';
import rulesCarRoad from './rules/car-road';
import rulesCarSight from './rules/car-sight';
import rulesCarWindow from './rules/car-window';
import rulesCarbon from './rules/carbon';
import rulesEvent from './rules/event';
import rulesFilmingOthers from './rules/filming-others';
import rulesHandlebar from './rules/handlebar';
import rulesHelmet from './rules/helmet';
import rulesHelmetBlow from './rules/helmet-blow';
import rulesJumpCorridor from './rules/jump-corridor';
import rulesMultirotorFlight from './rules/multirotor-flight';
import rulesMultirotorGround from './rules/multirotor-ground';
import rulesOpenCountry from './rules/open-country';
import rulesOpenWater from './rules/open-water';
import rulesPaint from './rules/paint';
import rulesParamotorLines from './rules/paramotor-lines';
import rulesPole from './rules/pole';
import rulesPoleInside from './rules/pole-inside';
import rulesPrivateGround from './rules/private-ground';
import rulesPropellerStopped from './rules/propeller-stopped';
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
  carriersBootedBody,
  carriersBuggy,
  carriersBuggyFour,
  carriersBuoyancyVest,
  carriersCoupe,
  carriersFourByFour,
  carriersFullFaceHelmet,
  carriersFullFacePointed,
  carriersFullFaceVented,
  carriersFullSuspensionBike,
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
  carriersSkis,
  carriersSnowHelmet,
  carriersSnowboard,
  carriersStandUpBoard,
  carriersSunHat,
  carriersSurfboard,
];
export const CAMERAS: readonly CameraDefinition[] = [
  camerasBarrelCamera,
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
  basesBarBracket,
  basesBendableTripod,
  basesBitePiece,
  basesBoltedPlate,
  basesBootPlate,
  basesBracedPoleFoot,
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
  basesLoopPlate,
  basesMagneticRelease,
  basesPackPolePlate,
  basesScrewPlate,
  basesSeatRailClamp,
  basesStrapRoundBase,
  basesSuctionDouble,
  basesSuctionSingle,
  basesSuctionTriple,
  basesTubeClamp,
  basesTwoHandGrip,
  basesTwoLashings,
  basesWingSleeve,
];
export const LINKS: readonly LinkDefinition[] = [
  linksDamperPlate,
  linksFeltPad,
  linksGooseNeck,
  linksLongArm,
  linksLongPole,
  linksMediumPole,
  linksQuickRelease,
  linksRiser,
  linksShortArm,
  linksSlidingPlate,
  linksSoftGrommets,
  linksSpringArm,
  linksStandOffHook,
  linksStiffArm,
  linksStiffGrommets,
];
export const HEADS: readonly HeadDefinition[] = [
  headsBallJoint,
  headsFingerJoint,
  headsSnugFingerJoint,
  headsSwivelHead,
];
export const FILTERS: readonly FilterDefinition[] = [
  filtersNd16,
  filtersNd32,
  filtersNd4,
  filtersNd64,
  filtersNd8,
  filtersPolariser,
];
export const TETHERS: readonly TetherDefinition[] = [
  tethersCord,
  tethersSafetyStrap,
  tethersWeakLinkCord,
  tethersWireTie,
];
export const ADD_ONS: readonly AddOnDefinition[] = [
  addOnsClearHousing,
  addOnsCloseUpLens,
  addOnsLensHood,
  addOnsLockingCradle,
  addOnsWideLens,
];
export const GROUND_WORLDS: readonly GroundsOfWorld[] = [
  groundsAir,
  groundsRoad,
  groundsSnow,
  groundsTrail,
  groundsWater,
];
export const RULES: readonly RuleDefinition[] = [
  rulesAfterRide,
  rulesAircraftBalance,
  rulesAircraftCockpit,
  rulesAircraftOutside,
  rulesAircraftOutsideSuction,
  rulesAircraftPilot,
  rulesAirfield,
  rulesBatteries,
  rulesBesideCourse,
  rulesBikeRoad,
  rulesBoardProne,
  rulesBoardStanding,
  rulesBoardWaves,
  rulesBoatMotor,
  rulesBoatSheets,
  rulesBoatUnderWater,
  rulesCanopy,
  rulesCarCups,
  rulesCarDriver,
  rulesCarRoad,
  rulesCarSight,
  rulesCarWindow,
  rulesCarbon,
  rulesEvent,
  rulesFilmingOthers,
  rulesHandlebar,
  rulesHelmet,
  rulesHelmetBlow,
  rulesJumpCorridor,
  rulesMultirotorFlight,
  rulesMultirotorGround,
  rulesOpenCountry,
  rulesOpenWater,
  rulesPaint,
  rulesParamotorLines,
  rulesPole,
  rulesPoleInside,
  rulesPrivateGround,
  rulesPropellerStopped,
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
