/** A tag, a line name and remarks as they may be. */
export const TAG_PATTERN = /^[\p{L}\p{N}][\p{L}\p{N} ._/-]{0,19}$/u;
