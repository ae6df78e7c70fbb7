import { setImmediate as breathe } from 'node:timers/promises';
import {
  CALCULATIONS,
  type Calculation,
  InvalidInput,
  MOST_INPUTS,
  calculate,
  calculateOrRefuse,
  findCalculation,
} from '@grevik/core';
import { Body, Controller, Get, HttpCode, NotFoundException, Param, Post } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import { Anyone } from '../access/may.js';

/** Inputs run between two looks at other requests. */
const AT_ONCE = 100;

@Controller('api/calc')
export class CalcController {
  @ApiOperation({ summary: 'The calculations there are.' })
  @Anyone()
  @Get()
  list(): { name: string; summary: string }[] {
    return CALCULATIONS.map(({ name, summary }) => ({ name, summary }));
  }

  @ApiOperation({ summary: 'Runs one calculation on one input, or on a list of them.' })
  @Anyone()
  @Post(':name')
  @HttpCode(200)
  run(@Param('name') name: string, @Body() input: unknown): unknown {
    const calculation = findCalculation(name);
    if (!calculation)
      throw new NotFoundException(
        `There is no calculation “${name.slice(0, 60)}”. There are ${CALCULATIONS.map((known) => known.name).join(', ')}.`,
      );
    return Array.isArray(input) ? this.runAll(calculation, input) : calculate(calculation, input);
  }

  /** A long list lets other requests through between its parts. */
  private async runAll(calculation: Calculation, inputs: readonly unknown[]): Promise<unknown[]> {
    if (inputs.length > MOST_INPUTS)
      throw new InvalidInput(
        'input',
        `The list has ${inputs.length} inputs: send at most ${MOST_INPUTS} at once.`,
      );
    const results: unknown[] = [];
    for (let from = 0; from < inputs.length; from += AT_ONCE) {
      results.push(
        ...inputs.slice(from, from + AT_ONCE).map((input) => calculateOrRefuse(calculation, input)),
      );
      await breathe();
    }
    return results;
  }
}
