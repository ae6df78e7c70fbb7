import { Global, Module } from '@nestjs/common';
import { WorkThreads } from './work-threads.service.js';

@Global()
@Module({ providers: [WorkThreads], exports: [WorkThreads] })
export class WorkThreadsModule {}
