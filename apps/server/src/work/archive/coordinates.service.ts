import type { GeoJsonTaken, PlaceKept, PositionsGeoJson } from '@grevik/contracts';
import { type Field, InvalidInput, choice, number } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import { Job } from '../jobs/job.model.js';
import { jobNotFound } from '../jobs/job-not-found.js';
import { Line } from '../lines/line.model.js';
import { Position } from '../positions/position.model.js';
import { PositionsService } from '../positions/positions.service.js';

const MOST_FEATURES = 20_000;
const longitude = number({ unit: 'degrees', min: -180, max: 180 });
const latitude = number({ unit: 'degrees', min: -90, max: 90 });

/** Where positions are on the earth, in and out as RFC 7946 GeoJSON. */
@Injectable()
export class CoordinatesService {
  constructor(
    @InjectModel(Job) private readonly jobs: typeof Job,
    @InjectModel(Position) private readonly positions: typeof Position,
    private readonly positionsService: PositionsService,
  ) {}

  async out(jobId: string): Promise<PositionsGeoJson> {
    const job = await this.jobs.findByPk(jobId, {
      include: [
        {
          model: Line,
          include: [{ model: Position, where: { longitude: { [Op.ne]: null } }, required: false }],
        },
      ],
      order: [
        ['lines', 'placeInJob', 'ASC'],
        ['lines', 'positions', 'placeOnLine', 'ASC'],
      ],
    });
    if (!job) throw jobNotFound();
    return {
      type: 'FeatureCollection',
      features: job.lines.flatMap((line) =>
        line.positions.map(({ tag, remarks, duty, longitude: east, latitude: north }) => ({
          type: 'Feature',
          geometry: { type: 'Point', coordinates: [east ?? 0, north ?? 0] },
          properties: { tag, line: line.name, remarks, function: duty.function, dn: duty.dn },
        })),
      ),
    };
  }

  /** Places the positions whose tags the features carry: all of them, or none with what is wrong feature by feature. */
  async take(jobId: string, given: unknown): Promise<GeoJsonTaken> {
    if (!(await this.jobs.findByPk(jobId, { attributes: ['id'] }))) throw jobNotFound();
    const features = featuresOf(given);
    const known = new Map(
      (await this.positions.findAll({ where: { jobId }, attributes: ['id', 'companyId', 'tag'] })).map(
        (position) => [position.tag.toLowerCase(), position] as const,
      ),
    );
    const places = new Map<string, PlaceKept>();
    const problems: GeoJsonTaken['problems'] = [];
    features.forEach((feature, at) => {
      try {
        const { tag, ...place } = placeOf(feature, `features[${at}]`);
        const position = known.get(tag.toLowerCase());
        if (!position) throw new InvalidInput('tag', `“${tag}” is not a position of this job.`);
        if (places.has(position.id)) throw new InvalidInput('tag', `“${tag}” is placed twice.`);
        places.set(position.id, place);
      } catch (error) {
        if (!(error instanceof InvalidInput)) throw error;
        problems.push({ feature: at, message: error.message });
      }
    });
    if (problems.length > 0) return { placed: 0, problems };
    await this.positionsService.placeAll(places);
    return { placed: places.size, problems };
  }
}

const collection: Field<string> = choice(['FeatureCollection']);

function featuresOf(given: unknown): readonly unknown[] {
  const { type, features } = (given ?? {}) as { type?: unknown; features?: unknown };
  collection.read(type, 'type');
  if (!Array.isArray(features) || features.length > MOST_FEATURES)
    throw new InvalidInput('features', `features must be a list of at most ${MOST_FEATURES} points.`);
  return features;
}

function placeOf(feature: unknown, path: string): { tag: string; longitude: number; latitude: number } {
  const { geometry, properties } = (feature ?? {}) as {
    geometry?: { type?: unknown; coordinates?: unknown } | null;
    properties?: { tag?: unknown } | null;
  };
  const tag = properties?.tag;
  if (typeof tag !== 'string')
    throw new InvalidInput(path, `${path} has no properties.tag: name the position.`);
  const { type, coordinates } = geometry ?? {};
  if (type !== 'Point' || !Array.isArray(coordinates))
    throw new InvalidInput(
      path,
      `${path} (${tag}) is not a Point: give geometry.coordinates [longitude, latitude].`,
    );
  return {
    tag,
    longitude: longitude.read(coordinates[0], `${path}.geometry.coordinates[0]`),
    latitude: latitude.read(coordinates[1], `${path}.geometry.coordinates[1]`),
  };
}
