import { NotFoundException } from '@nestjs/common';

/** What is answered where a position is not there, or is another company's. */
export const positionNotFound = (): NotFoundException =>
  new NotFoundException('This position was not found. Open the line again.');
