import type { OwnChangeView } from '@grevik/contracts';
import { Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import type { Acting } from '../../ground/sessions/acting.js';
import { Who } from '../../ground/sessions/who.js';
import { UndoService } from './undo.service.js';

@Controller('api/changes')
export class UndoController {
  constructor(private readonly undoing: UndoService) {}

  @ApiOperation({ summary: 'Your last twenty changes, newest first.' })
  @May('look')
  @Get('mine')
  list(): Promise<OwnChangeView[]> {
    return this.undoing.list();
  }

  @ApiOperation({ summary: 'Undoes one of them.' })
  @May('look')
  @Post(':id/undo')
  @HttpCode(204)
  undo(@Param('id', IdPipe) id: string, @Who() who: Acting): Promise<void> {
    return this.undoing.undo(id, who);
  }
}
