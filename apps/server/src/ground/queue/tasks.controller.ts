import type { TaskView } from '@grevik/contracts';
import { Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from '../access/may.js';
import { IdPipe } from '../errors/id.pipe.js';
import { TasksService } from './tasks.service.js';

@Controller('api/tasks')
export class TasksController {
  constructor(private readonly tasks: TasksService) {}

  @ApiOperation({ summary: 'What runs by itself, and what ran lately.' })
  @May('tasks')
  @Get()
  list(): Promise<TaskView[]> {
    return this.tasks.list();
  }

  @ApiOperation({ summary: 'Begins a task again that failed or was cancelled.' })
  @May('tasks')
  @Post(':id/again')
  @HttpCode(204)
  again(@Param('id', IdPipe) id: string): Promise<void> {
    return this.tasks.again(id);
  }

  @ApiOperation({ summary: 'Cancels a task that has not ended.' })
  @May('tasks')
  @Delete(':id')
  @HttpCode(204)
  cancel(@Param('id', IdPipe) id: string): Promise<void> {
    return this.tasks.cancel(id);
  }
}
