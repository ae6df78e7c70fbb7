import { NotFoundException } from '@nestjs/common';

export const personNotFound = (): NotFoundException =>
  new NotFoundException('That person is not in the company.');
