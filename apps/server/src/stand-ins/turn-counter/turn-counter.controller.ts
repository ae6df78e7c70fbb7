import type { TurnCounterEvent } from '@grevik/contracts';
import { TurnCounterQuery } from '@grevik/contracts';
import { Controller, type MessageEvent, Query, Sse } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { type Observable, concat, map, of, take, timer } from 'rxjs';
import { May } from '../../ground/access/may.js';
import { playTurns } from './play-turns.js';

/** A point comes every so often, ms. */
const EVERY_MS = 100;

/** A stand-in for a turns and torque counter: it closes a valve that is not there. */
@Controller('api/turn-counter')
export class TurnCounterController {
  @ApiOperation({
    summary: 'Plays turns and torque of a valve that is closed with an exerciser, as a stream of events.',
  })
  @May('record')
  @Sse('plays')
  play(@Query() { dn, turns, fault, stiffness, seed }: TurnCounterQuery): Observable<MessageEvent> {
    const points = playTurns({ dn, turns, fault, stiffness: stiffness ?? 0, seed: seed ?? 1 });
    const event = (data: TurnCounterEvent): MessageEvent => ({ data });
    return concat(
      timer(0, EVERY_MS).pipe(
        take(points.length),
        map((at) => event({ point: points[at] ?? null })),
      ),
      of(event({ point: null })),
    );
  }
}
