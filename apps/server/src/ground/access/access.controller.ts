import { type AccessView, PERMISSIONS } from '@grevik/contracts';
import { Controller, Get } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { May } from './may.js';
import { PERMISSION_TABLE } from './permission-table.js';

@Controller('api/access')
export class AccessController {
  @ApiOperation({ summary: 'Who may do what.' })
  @May('look')
  @Get()
  show(): AccessView {
    return { permissions: PERMISSIONS.map((id) => ({ id, ...PERMISSION_TABLE[id] })) };
  }
}
