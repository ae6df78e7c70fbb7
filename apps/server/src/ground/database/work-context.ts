import { AsyncLocalStorage } from 'node:async_hooks';
import { Sequelize, type Transaction } from 'sequelize';

/** Who asked for the current work, from where. */
export interface AskedBy {
  personId?: string | undefined;
  /** The page, which need not be told of what it did itself. */
  tab?: string | undefined;
  /** The request, as the log names it. */
  requestId?: string | undefined;
}

/** For whom the current work is done: a company, and the person of it who does it; or all companies, to find somebody by their e-mail. */
export type Scope = ({ companyId: string } & AskedBy) | 'across';

interface WorkContext {
  scope?: Scope;
  transaction?: Transaction | null;
  /** The cluster that queries go to, whatever the company. */
  cluster?: string | undefined;
}

const contexts = new AsyncLocalStorage<WorkContext>();

/** The scope of the current work; undefined outside of any. */
export const currentScope = (): Scope | undefined => contexts.getStore()?.scope;

/** Who asked for the current work: nobody where nobody is signed in. */
function askedBy(): AskedBy {
  const scope = currentScope();
  return scope === undefined || scope === 'across' ? {} : scope;
}

/** Who does the current work; undefined where nobody is signed in. */
export const currentPerson = (): string | undefined => askedBy().personId;

/** The page that the current work was asked from; undefined where none said so. */
export const currentTab = (): string | undefined => askedBy().tab;

/** The request that the current work follows from; undefined where it follows from none. */
export const currentRequest = (): string | undefined => askedBy().requestId;

/** Runs work for a scope; a transaction that is open stays open in it. */
export const runInScope = <T>(scope: Scope, work: () => T): T =>
  contexts.run({ ...contexts.getStore(), scope, cluster: undefined }, work);

/** The cluster that queries go to whatever the company; undefined where the company says. */
export const currentCluster = (): string | undefined => contexts.getStore()?.cluster;

/** Runs work on a cluster, apart from a transaction that is open: one never goes over two. */
export const onCluster = <T>(cluster: string, work: () => T): T =>
  contexts.run({ ...contexts.getStore(), cluster, transaction: null }, work);

/** What Sequelize asks of continuation-local storage, on the context that keeps the company. Its typings name another library's class. */
const namespace = {
  run: (work: (context: WorkContext) => void): void => {
    const context = { ...contexts.getStore() };
    contexts.run(context, work, context);
  },
  bind: <T>(work: T): T => work,
  get: (key: 'transaction'): Transaction | null | undefined => contexts.getStore()?.[key],
  set: (key: 'transaction', value: Transaction | null): void => {
    const context = contexts.getStore();
    if (context) context[key] = value;
  },
};
Sequelize.useCLS(namespace);

/** The transaction that is open; undefined where none is. */
export const currentTransaction = (): Transaction | undefined => namespace.get('transaction') ?? undefined;

/** Runs work that is not part of the open transaction and may outlive it. */
export const apartFromTransaction = <T>(work: () => T): T =>
  contexts.run({ ...contexts.getStore(), transaction: null }, work);

/**
 * Runs work in one transaction, which every query in it joins by itself: the open one where there is one, else a new one that is committed
 * when the work is done and rolled back when it throws. The only place where transactions begin.
 */
export function inTransaction<T>(sequelize: Sequelize, work: () => Promise<T>): Promise<T> {
  return namespace.get('transaction') ? work() : sequelize.transaction(work);
}
