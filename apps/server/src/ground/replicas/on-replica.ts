import {
  type CallHandler,
  type CustomDecorator,
  type ExecutionContext,
  Injectable,
  type NestInterceptor,
  SetMetadata,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Response } from 'express';
import { type Observable, from, lastValueFrom } from 'rxjs';
import { ReplicaReads } from './replica-reads.service.js';

const ON_REPLICA = 'grevik:on-replica';

/** A read that is long enough to be worth a replica: it may come from one, with everything that was written before it. */
export const OnReplica = (): CustomDecorator => SetMetadata(ON_REPLICA, true);

/** Runs endpoints that are marked so on a replica. */
@Injectable()
export class OnReplicaInterceptor implements NestInterceptor {
  constructor(
    private readonly reflector: Reflector,
    private readonly replicas: ReplicaReads,
  ) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    if (this.reflector.get<boolean | undefined>(ON_REPLICA, context.getHandler()) !== true)
      return next.handle();
    const response = context.switchToHttp().getResponse<Response>();
    return from(
      this.replicas.read(
        () => lastValueFrom(next.handle(), { defaultValue: undefined }),
        () => response.headersSent,
      ),
    );
  }
}
