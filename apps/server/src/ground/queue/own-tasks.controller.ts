import type { OwnTaskView } from '@grevik/contracts';
import { Controller, Delete, Get, HttpCode, Param, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Response } from 'express';
import { SignedIn } from '../access/may.js';
import { currentPersonId } from '../database/company-scope.js';
import { IdPipe } from '../errors/id.pipe.js';
import type { Sent } from '../requests/sent.js';
import { OwnTasks } from './own-tasks.service.js';
import { TasksService } from './tasks.service.js';

@Controller('api/tasks/mine')
export class OwnTasksController {
  constructor(
    private readonly own: OwnTasks,
    private readonly tasks: TasksService,
  ) {}

  @ApiOperation({ summary: 'The tasks that the asker added within a day, the newest first.' })
  @SignedIn()
  @Get()
  list(): Promise<OwnTaskView[]> {
    return this.own.list();
  }

  @ApiOperation({ summary: 'A task that the asker added: how far it is, and what came of it.' })
  @SignedIn()
  @Get(':id')
  show(@Param('id', IdPipe) id: string): Promise<OwnTaskView> {
    return this.own.show(id);
  }

  @ApiOperation({ summary: 'The file that a task made, for a day.' })
  @SignedIn()
  @Get(':id/file')
  async file(
    @Param('id', IdPipe) id: string,
    @Res() response: Response,
  ): Promise<Sent<'application/octet-stream'>> {
    const { name, type, content } = await this.own.file(id);
    response.attachment(name).type(type).send(content);
  }

  @ApiOperation({ summary: 'Cancels a task that the asker added and that has not ended.' })
  @SignedIn()
  @Delete(':id')
  @HttpCode(204)
  cancel(@Param('id', IdPipe) id: string): Promise<void> {
    return this.tasks.cancel(id, currentPersonId());
  }
}
