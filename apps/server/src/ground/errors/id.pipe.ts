import { InvalidInput } from '@grevik/core';
import { Injectable, type PipeTransform } from '@nestjs/common';
import { isUUID } from 'class-validator';

/** An id in a path. */
@Injectable()
export class IdPipe implements PipeTransform<string, string> {
  transform(value: string): string {
    if (!isUUID(value))
      throw new InvalidInput(
        'id',
        `“${value.slice(0, 60)}” is not an id: it must be a UUID as the lists give it.`,
      );
    return value;
  }
}
