import { NotFoundException } from '@nestjs/common';

export const taskNotFound = (): NotFoundException =>
  new NotFoundException('This task was not found. Open the page again.');
