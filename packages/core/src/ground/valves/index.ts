export { ACCESSORIES, ACCESSORY_WORDS, type Accessory } from './accessories.js';
export { CHARACTERISTICS, type CharacteristicName, relativeKv } from './characteristics.js';
export { FUNCTION_WORDS, VALVE_FUNCTIONS, type ValveFunction } from './functions.js';
export {
  type Strokes,
  VALVE_TYPES,
  VALVE_TYPE_FACTS,
  type ValveFamily,
  type ValveType,
  type ValveTypeFacts,
  familyOf,
  isCheck,
  isHandled,
  isManyTurn,
  isQuarterTurn,
  isSupplyStop,
  valveTypeFacts,
} from './valve-types.js';
export {
  APPROVALS,
  type Approval,
  BODY_MATERIALS,
  BODY_WORDS,
  type BodyMaterial,
  OPERATORS,
  type Operator,
  PORTS,
  type Port,
  SEAT_LIMIT_C,
  SEAT_MATERIALS,
  SEAT_WORDS,
  STEMS,
  type SeatMaterial,
  type Stem,
  isCopperAlloy,
  isPlastic,
} from './materials.js';
export {
  BSP_ENDS,
  ENDS,
  END_WORDS,
  type End,
  FLANGED_ENDS,
  NPT_ENDS,
  THREADED_ENDS,
  WELDED_ENDS,
} from './ends.js';
export { VALVE_STORIES, type ValveStory } from './valve-stories.js';
export { openingFor } from './opening-for.js';
export { stemRoomM } from './stem-room.js';
export { stemTurns } from './stem-turns.js';
