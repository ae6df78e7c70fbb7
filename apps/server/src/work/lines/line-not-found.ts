import { NotFoundException } from '@nestjs/common';

/** What is answered where a line is not there, or is another company's. */
export const lineNotFound = (): NotFoundException =>
  new NotFoundException('This line was not found. Open the job again.');
