import { NotFoundException } from '@nestjs/common';

/** What is answered where a job is not there, or is another company's. */
export const jobNotFound = (): NotFoundException =>
  new NotFoundException('This job was not found. Open the list of jobs.');
