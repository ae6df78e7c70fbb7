import type { OwnChangeView } from '@grevik/contracts';
import { Controller, Get, HttpCode, Param, Post, Req } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../access/may.js';
import { IdPipe } from '../errors/id.pipe.js';
import { actingIn } from '../sessions/acting.js';
import { UndoService } from './undo.service.js';

@Controller('api/changes')
export class UndoController {
  constructor(private readonly undoing: UndoService) {}

  @ApiOperation({ summary: 'One’s own last twenty changes, newest first.' })
  @May('look')
  @Get('mine')
  list(): Promise<OwnChangeView[]> {
    return this.undoing.list();
  }

  @ApiOperation({ summary: 'Takes one of them back.' })
  @May('look')
  @Post(':id/undo')
  @HttpCode(204)
  async undo(@Param('id', IdPipe) id: string, @Req() request: object): Promise<void> {
    const acting = actingIn(request);
    if (acting) await this.undoing.undo(id, acting);
  }
}
