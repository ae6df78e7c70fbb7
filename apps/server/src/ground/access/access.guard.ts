import type { Permission } from '@grevik/contracts';
import { withArticle } from '@grevik/core';
import { type CanActivate, type ExecutionContext, Injectable } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { Refusal } from '../errors/refusal.js';
import { actingIn } from '../sessions/acting.js';
import { MAY, type Needed } from './may.js';
import { PERMISSION_TABLE, mayDo } from './permission-table.js';

/** Lets a request through to its endpoint only where the person's role may use it. An endpoint that names nothing is closed. */
@Injectable()
export class AccessGuard implements CanActivate {
  constructor(private readonly reflector: Reflector) {}

  canActivate(context: ExecutionContext): boolean {
    const needed = this.reflector.get<Needed | undefined>(MAY, context.getHandler());
    if (needed === 'anyone') return true;
    const acting = actingIn(context.switchToHttp().getRequest<object>());
    if (!acting) throw new Refusal(401, { code: 'signed-out', message: 'Sign in to continue.' });
    if (needed === 'signed-in') return true;
    if (needed === 'people' && acting.isDemo) throw notInDemo();
    if (needed === undefined || !mayDo(acting.role, needed)) throw notAllowed(acting.role, needed);
    return true;
  }
}

/** The people of the demo company are everybody's who looks around in it. */
const notInDemo = (): Refusal =>
  new Refusal(403, {
    code: 'not-allowed',
    message: 'People in the demo company cannot be changed. Create your own company to invite people.',
  });

/** Says what a role may not do, and who may. */
export function notAllowed(role: string, needed: Permission | undefined): Refusal {
  const message = needed
    ? `Your role, ${role}, cannot ${PERMISSION_TABLE[needed].words}. Ask ${withArticle(PERMISSION_TABLE[needed].roles.join(' or '))}.`
    : 'Nobody may do this.';
  return new Refusal(403, { code: 'not-allowed', message });
}
