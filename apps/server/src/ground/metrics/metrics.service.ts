import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { AggregatorRegistry, Gauge, Histogram, Registry, collectDefaultMetrics } from 'prom-client';
import type { Sequelize } from 'sequelize-typescript';
import { LiveStreams } from '../live/live-streams.service.js';
import { ReplicaReads } from '../replicas/replica-reads.service.js';
import { WorkThreads } from '../threads/work-threads.service.js';

/** A pool of connections, as Sequelize keeps it; its typings leave it out. With replicas it is two, and each cluster has its own. */
interface Pool {
  available: number;
  using: number;
  waiting: number;
}
type Pools = Pool | { read: Pool; write: Pool } | { pools: readonly Pools[] };

function poolsIn(of: Pools): Pool[] {
  if ('pools' in of) return of.pools.flatMap(poolsIn);
  return 'read' in of ? [of.read, of.write] : [of];
}

/** What this server process measures of itself: requests, connections, threads, streams, event loop and memory. */
@Injectable()
export class Metrics {
  readonly registry = new Registry();
  private readonly requests = new Histogram({
    name: 'grevik_request_seconds',
    help: 'Time from request to answer, by method, route and status',
    labelNames: ['method', 'route', 'status'],
    buckets: [0.005, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2, 5, 10],
    registers: [this.registry],
  });

  constructor(
    @InjectConnection() sequelize: Sequelize,
    threads: WorkThreads,
    streams: LiveStreams,
    replicas: ReplicaReads,
  ) {
    // The start command asks its server processes for what they measure.
    AggregatorRegistry.setRegistries(this.registry);
    collectDefaultMetrics({ register: this.registry });
    this.gauge('grevik_database_connections', 'Connections to the database, by state', 'state', () => {
      const { pool } = sequelize.connectionManager as unknown as { pool: Pools };
      const pools = poolsIn(pool);
      const sum = (of: keyof Pool): number => pools.reduce((total, one) => total + one[of], 0);
      return { used: sum('using'), free: sum('available'), awaited: sum('waiting') };
    });
    this.gauge('grevik_thread_tasks', 'Tasks for worker threads, by state', 'state', () => threads.tasks);
    this.gauge(
      'grevik_replica_reads',
      'Heavy reads since the start that a replica could answer, by how that ended',
      'outcome',
      () => replicas.counts,
    );
    this.gauge('grevik_live_streams', 'Open pages that are told of changes', 'state', () => ({
      open: streams.count,
    }));
  }

  /** Counts an answered request. */
  answered(of: { method: string; route: string; status: number }, seconds: number): void {
    this.requests.observe({ ...of, status: String(of.status) }, seconds);
  }

  /** Everything, in the text format of Prometheus. */
  text(): Promise<string> {
    return this.registry.metrics();
  }

  private gauge(
    name: string,
    help: string,
    label: string,
    read: () => Readonly<Record<string, number>>,
  ): void {
    new Gauge({
      name,
      help,
      labelNames: [label],
      registers: [this.registry],
      collect() {
        for (const [value, count] of Object.entries(read())) this.set({ [label]: value }, count);
      },
    });
  }
}
