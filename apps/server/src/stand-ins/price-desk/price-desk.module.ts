import { Module } from '@nestjs/common';
import { PriceDeskController } from './price-desk.controller.js';

@Module({ controllers: [PriceDeskController] })
export class PriceDeskModule {}
