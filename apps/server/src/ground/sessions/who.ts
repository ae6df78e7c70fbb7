import { type ExecutionContext, createParamDecorator } from '@nestjs/common';
import { type Acting, actingIn } from './acting.js';

/** Whoever sent the request: for endpoints that the guard lets only people who are signed in through to. */
export const Who = createParamDecorator((_data: unknown, context: ExecutionContext): Acting => {
  const acting = actingIn(context.switchToHttp().getRequest<object>());
  if (!acting) throw new Error('this endpoint is open to nobody who is not signed in');
  return acting;
});
