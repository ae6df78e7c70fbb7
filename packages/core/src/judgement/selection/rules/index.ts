import type { Rule } from '../../duty/index.js';
import { APPROVAL_RULES } from './approval-rules.js';
import { BORE_RULES } from './bore-rules.js';
import { CHECK_RULES } from './check-rules.js';
import { FUNCTION_RULES } from './function-rules.js';
import { MATERIAL_RULES } from './material-rules.js';
import { PLACE_RULES } from './place-rules.js';
import { PRESSURE_RULES } from './pressure-rules.js';
import { JOINT_RULES } from './joint-rules.js';
import { OPTION_RULES } from './option-rules.js';
import { SELF_ACTING_RULES } from './self-acting-rules.js';
import { SERVICE_RULES } from './service-rules.js';
import { SLAM_SHUT } from './slam-shut.js';
import { WATERWORKS_RULES } from './waterworks-rules.js';

/** The rule table, in the order its reasons are given. */
export const RULES: readonly Rule[] = [
  ...FUNCTION_RULES,
  ...SERVICE_RULES,
  ...SELF_ACTING_RULES,
  SLAM_SHUT,
  ...PRESSURE_RULES,
  ...APPROVAL_RULES,
  ...MATERIAL_RULES,
  ...BORE_RULES,
  ...PLACE_RULES,
  ...JOINT_RULES,
  ...CHECK_RULES,
  ...WATERWORKS_RULES,
  ...OPTION_RULES,
];
