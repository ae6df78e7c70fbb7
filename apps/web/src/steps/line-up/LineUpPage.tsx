import {
  ADVICE,
  type Duty,
  MEDIUM_FACTS,
  type Margins,
  type PositionDuty,
  type ValveType,
  columnsByType,
  lineUp,
  modelWords,
} from '@grevik/core';
import { Button, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { Suspense, lazy, useCallback, useMemo, useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { DutyFacts } from '../../kit/duty/DutyFacts';
import { DutySentence } from '../../kit/duty/DutySentence';
import { Notice } from '../../kit/Notice';
import { useFigures } from '../../kit/useFigures';
import { useKeys } from '../../kit/useKeys';
import { furtherRemarks, shortName } from '../../kit/position-name';
import type { ToLineUp } from '../../shell/steps';
import { useLineFrame } from '../../shell/useLineFrame';
import { handleNudged } from '../../store/handle-slice';
import { type LineUpView, viewChosen } from '../../store/line-up-view-slice';
import { useMay } from '../../store/people-api';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { translated, useWords } from '../../words';
import { Findings } from '../../kit/finding/Findings';
import { useFindings, withFindings } from '../../kit/finding/useFindings';
import { MOST_COMPARED } from './compare/most-compared';
import { type Answers, type Answering, AnsweringContext, withAnswer } from './answers';
import { AnswersKept } from './AnswersKept';
import { ColumnTable } from './ColumnTable';
import type { ModelColumn } from '../../kit/outlook/model-column';
import { CurrentPick } from './CurrentPick';
import { HandleSlider } from '../../kit/handle/HandleSlider';
import styles from './LineUpPage.module.css';
import { HoldBars } from '../../kit/outlook/HoldBars';
import { Trying } from './Trying';
import { AskFirst } from '../../kit/outlook/AskFirst';
import { pickContext } from './pick-context';
import { soFar, useAhead } from '../../kit/outlook/useAhead';
import { OverYears } from './life/OverYears';
import { useCandidateCosts } from './life/useCandidateCosts';
import { PhoneBar } from './PhoneBar';
import { PickDialog } from './PickDialog';
import { SendDrill } from './SendDrill';
import { Tray } from './Tray';
import { HelpOf } from './WouldFit';
import { TypeList } from './TypeList';
import { useAlike } from './useAlike';

/** Charts come after the decision, and their library with them. */
const Charts = lazy(() => import('./Charts'));

const NOTCH = 0.05;
const NOTHING_TRIED: Partial<PositionDuty> = {};
/** Until the first answer every column says that it is being worked out. */
const NOT_YET: ReadonlyMap<string, Margins> = new Map();

/** The heart: what the position asks on the left, what could serve side by side, what is out below. */
export function LineUpPage() {
  const { line, position, models, settings, money } = useLineFrame();
  const figures = useFigures();
  const words = useWords();
  const dispatch = useAppDispatch();
  const mayPick = useMay('pick');
  const maySendDrills = useMay('drills');
  const weights = useAppSelector((state) => state.weights);
  const alike = useAlike(line, position);
  const [picking, setPicking] = useState<ModelColumn>();
  const [tried, setTried] = useState<{ of: PositionDuty; facts: Partial<PositionDuty> }>();
  // What is tried is of the duty it was tried on: once that is another, it is forgotten.
  const trial = tried?.of === position.duty ? tried.facts : NOTHING_TRIED;
  const duty: Duty = useMemo(
    () => ({ ...position.duty, ...trial, medium: line.medium }),
    [position.duty, trial, line.medium],
  );
  const [answers, setAnswers] = useState<Answers>({});
  const answering = useMemo(
    (): Answering => ({
      answer: (modelId, fact) =>
        setAnswers((before) => ({ ...before, [modelId]: { ...before[modelId], ...fact } })),
    }),
    [],
  );
  // What is retired is not offered any more, and what was answered counts at once.
  const offered = useMemo(
    () =>
      models
        .filter(({ retired }) => !retired)
        .map((model) => withAnswer(model, answers[model.id], position.duty.dn)),
    [models, answers, position.duty.dn],
  );
  const findings = useFindings(position.id);
  const judged = useMemo(() => lineUp(duty, offered, settings, weights), [duty, offered, settings, weights]);
  const columns = useMemo(() => withFindings(judged.columns, findings), [judged, findings]);
  const { tray, otherSizes } = judged;
  const looked = useAhead(duty, columns, tray, settings);
  const openVerdicts = useMemo(() => soFar(looked), [looked]);
  const margins = useMemo(
    () =>
      looked.ahead &&
      new Map(looked.ahead.margins.map((one) => [looked.order[one.index]?.model.id ?? '', one] as const)),
    [looked],
  );
  const view = useAppSelector((state) => state.lineUpView);
  const [asked, setOpenType] = useState<ValveType>();
  const types = useMemo(() => columnsByType(columns), [columns]);
  // What was opened at another position may not serve here.
  const openType = types.some(({ type }) => type === asked) ? asked : undefined;
  const isByType = view === 'types' && openType === undefined;
  const shown = useMemo(() => {
    if (view === 'models') return columns;
    return openType === undefined
      ? types.map(({ best }) => best)
      : columns.filter(({ model }) => model.type === openType);
  }, [view, columns, types, openType]);
  const typeOf = useMemo(
    () => (isByType ? new Map(types.map((one) => [one.best.model.id, one])) : undefined),
    [isByType, types],
  );
  const [compared, setCompared] = useState<readonly string[]>([]);
  const toggle = useCallback(
    (id: string): void =>
      setCompared((before) =>
        before.includes(id) ? before.filter((of) => of !== id) : [...before, id].slice(-MOST_COMPARED),
      ),
    [],
  );
  const { basis, costs } = useCandidateCosts({ line, position, settings }, shown);
  const lineAt = `/jobs/${line.jobId}/lines/${line.id}`;
  const tagAt = encodeURIComponent(position.tag);
  const overYears = useCallback(
    ({ model }: ModelColumn) => (
      <OverYears
        cost={costs?.get(model.id)}
        currency={basis?.currency}
        at={`${lineAt}/life/${tagAt}?of=${[model.id, ...shown.map((one) => one.model.id).filter((id) => id !== model.id)].slice(0, MOST_COMPARED).join(',')}`}
      />
    ),
    [costs, basis?.currency, lineAt, tagAt, shown],
  );
  const help = useCallback(
    (column: ModelColumn) => <HelpOf duty={duty} settings={settings} column={column} columns={columns} />,
    [duty, settings, columns],
  );
  const size = figures.size(duty.dn);
  const location = useLocation();
  const navigate = useNavigate();
  // Whoever came to pick the first choice finds it open.
  const arrived = (location.state as ToLineUp | null)?.picks ? columns[0] : undefined;
  const open = picking ?? arrived;
  const close = (): void => {
    setPicking(undefined);
    if (arrived) void navigate(location.pathname, { replace: true, state: null });
  };
  useKeys({
    '[': () => dispatch(handleNudged(-NOTCH)),
    ']': () => dispatch(handleNudged(NOTCH)),
    Enter: () => mayPick && setPicking(columns[0]),
  });

  return (
    <AnsweringContext value={answering}>
      <div className={styles.screen}>
        <aside className={styles.duty}>
          <header>
            <span className={styles.tag}>
              {position.tag} · {size}
            </span>
            <h1>{shortName(position)}</h1>
            <p className={styles.remarks}>{furtherRemarks(position)}</p>
          </header>
          <DutySentence line={line} position={position} />
          {trial !== NOTHING_TRIED && (
            <Trying line={line} position={position} trial={trial} back={() => setTried(undefined)} />
          )}
          <CurrentPick line={line} position={position} models={models} settings={settings} />
          {maySendDrills && (
            <p className="no-print">
              <SendDrill line={line} position={position} models={models} settings={settings} />
            </p>
          )}
          {/* What comes later stands below what can be pressed already, so that nothing moves from under a finger. */}
          {findings && (
            <>
              <Findings position={position} findings={findings} benchAt={`${lineAt}/bench/${tagAt}`} />
              <AskFirst line={line} position={position} looked={looked} />
            </>
          )}
          <DutyFacts duty={duty} />
          <p className={styles.caution}>{translated(MEDIUM_FACTS[line.medium].caution)}</p>
        </aside>
        {models.length === 0 ? (
          <TypeList duty={duty} settings={settings} />
        ) : (
          <section aria-label={words('lineUp.label')} className={styles.lineUp}>
            <HandleSlider>
              <nav className={`${styles.beside} no-print`} aria-label={words('compare.beside')}>
                <ToggleButtonGroup
                  exclusive
                  size="small"
                  aria-label={words('lineUp.view')}
                  value={view}
                  onChange={(_event, to: LineUpView | null) => {
                    if (to) dispatch(viewChosen(to));
                    setOpenType(undefined);
                  }}
                >
                  {(['types', 'models'] as const).map((of) => (
                    <ToggleButton key={of} value={of}>
                      {words(`lineUp.views.${of}`)}
                    </ToggleButton>
                  ))}
                </ToggleButtonGroup>
                {openType !== undefined && (
                  <Button size="small" onClick={() => setOpenType(undefined)}>
                    ‹ {words('lineUp.allTypes')}
                  </Button>
                )}
                <Link to={`${lineAt}/matrix/${tagAt}`}>{words('matrix.link')}</Link>
                {compared.length < 2 ? (
                  <span>{words('compare.hint')}</span>
                ) : (
                  <Link to={`${lineAt}/compare/${tagAt}?of=${compared.join(',')}`}>
                    {words('compare.link', { count: compared.length })}
                  </Link>
                )}
                <AnswersKept
                  answers={answers}
                  models={models}
                  dn={position.duty.dn}
                  forget={() => setAnswers({})}
                />
              </nav>
            </HandleSlider>
            {columns.length === 0 ? (
              <Notice title={words('lineUp.none')}>
                <p>{words('lineUp.noneBody', { size })}</p>
              </Notice>
            ) : (
              <ColumnTable
                duty={duty}
                columns={shown}
                soFar={openVerdicts}
                margins={margins ?? NOT_YET}
                {...(typeOf && { types: typeOf })}
                openType={setOpenType}
                overYears={overYears}
                pickedId={position.pick?.modelId}
                alike={alike}
                money={money}
                pick={setPicking}
                help={help}
                compared={compared}
                toggle={toggle}
              />
            )}
            <Tray
              duty={duty}
              settings={settings}
              tray={tray}
              columns={columns}
              otherSizes={otherSizes}
              size={size}
            />
            {shown[0] && (
              <HoldBars
                duty={duty}
                margins={margins?.get(shown[0].model.id)}
                model={modelWords(shown[0].model).from}
                attempt={(fact, value) => setTried({ of: position.duty, facts: { ...trial, [fact]: value } })}
              />
            )}
            {columns.length > 0 && (
              <Suspense>
                <Charts duty={duty} columns={columns} />
              </Suspense>
            )}
            <p className={styles.method}>
              {words('lineUp.method')} {translated(ADVICE)}
            </p>
          </section>
        )}
        <PhoneBar
          first={columns[0]}
          isSoFar={openVerdicts.has(columns[0]?.model.id ?? '')}
          pick={setPicking}
        />
        {open && (
          <PickDialog
            key={position.id}
            line={line}
            position={position}
            column={open}
            settings={settings}
            isSoFar={openVerdicts.has(open.model.id)}
            context={pickContext(position, open, columns, margins?.get(open.model.id))}
            close={close}
          />
        )}
      </div>
    </AnsweringContext>
  );
}
