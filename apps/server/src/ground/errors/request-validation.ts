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

function refusal(error: ValidationError | undefined): InvalidInput {
  if (!error) return new InvalidInput('request', 'The request cannot be read.');
  if (error.children?.[0]) return refusal(error.children[0]);
  const inside = error.target && describedRefusal(error.target, error.property, error.value);
  if (inside) return inside;
  const [rule, message = 'is not right'] = Object.entries(error.constraints ?? {})[0] ?? [];
  if (rule === 'whitelistValidation')
    return new InvalidInput(error.property, `${error.property} is not a field here.`);
  const given =
    error.value === undefined
      ? 'it is missing'
      : `it is ${JSON.stringify(error.value)?.slice(0, 60) ?? 'not a JSON value'}`;
  return new InvalidInput(error.property, `${message}: ${given}.`);
}
