import { describedRefusal } from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { ValidationPipe } from '@nestjs/common';
import type { ValidationError } from 'class-validator';

/** Reads every request by its class; unknown fields are refused. The first fault is answered, with its field, value and what would be right. */
export function requestValidation(): ValidationPipe {
  return new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    transform: true,
    validationError: { target: true, value: true },
    exceptionFactory: ([first]) => refusal(first),
  });
}

function refusal(error: ValidationError | undefined, within = ''): InvalidInput {
  if (!error) return new InvalidInput('request', 'The request cannot be read.');
  const path = pathTo(error.property, within);
  if (error.children?.[0]) return refusal(error.children[0], path);
  const inside = error.target && describedRefusal(error.target, error.property, error.value);
  if (inside) return inside;
  const [rule, message = 'is not right'] = Object.entries(error.constraints ?? {})[0] ?? [];
  if (rule === 'whitelistValidation') return new InvalidInput(path, `${path} is not a field here.`);
  const given =
    error.value === undefined
      ? 'it is missing'
      : `it is ${JSON.stringify(error.value)?.slice(0, 60) ?? 'not a JSON value'}`;
  return new InvalidInput(path, `${message.replace(error.property, path)}: ${given}.`);
}

/** A field inside another one: `samples[3].at`. */
const pathTo = (property: string, within: string): string =>
  within === '' ? property : /^\d+$/.test(property) ? `${within}[${property}]` : `${within}.${property}`;
