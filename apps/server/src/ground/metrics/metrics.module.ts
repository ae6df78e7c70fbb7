import { Module } from '@nestjs/common';
import { Metrics } from './metrics.service.js';

/** What the server measures of itself. */
@Module({ providers: [Metrics] })
export class MetricsModule {}
