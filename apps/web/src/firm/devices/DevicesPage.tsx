import {
  DEVICE_KINDS,
  type DeviceKind,
  type DeviceSample,
  type DeviceView,
  type LevelSample,
  type NewDeviceView,
} from '@grevik/contracts';
import { Alert, Button, MenuItem, TextField } from '@mui/material';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { useFigures } from '../../kit/useFigures';
import { dateWords, timeWords } from '../../kit/when';
import {
  useAddDeviceMutation,
  useDevicesQuery,
  useNewDeviceKeyMutation,
  useRemoveDeviceMutation,
} from '../../store/devices-api';
import { failureText } from '../../store/failure';
import { useMay, useSessionQuery } from '../../store/people-api';
import { translated, useWords } from '../../words';
import styles from './DevicesPage.module.css';

/** Loggers, counters and recorders of the company: what each does, what it read last, and its key. */
export function DevicesPage() {
  const { data: devices, error, isError, refetch } = useDevicesQuery();
  const [shown, setShown] = useState<NewDeviceView>();
  const mayManage = useMay('devices');
  const words = useWords();
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!devices) return <Loading what={words('devices.title')} />;
  return (
    <div className={styles.page}>
      <h1>{words('devices.title')}</h1>
      <p>{words('devices.body')}</p>
      {shown && <Key device={shown} close={() => setShown(undefined)} />}
      {devices.length === 0 && <p>{words('devices.none')}</p>}
      <ul className={styles.list} aria-label={words('devices.title')}>
        {devices.map((device) => (
          <li key={device.id}>
            <Device device={device} mayManage={mayManage} show={setShown} />
          </li>
        ))}
      </ul>
      {mayManage && <Add show={setShown} />}
      <p className={styles.soft}>
        {words('devices.how')} <a href="/api/docs">{words('devices.docs')}</a>
      </p>
    </div>
  );
}

interface DeviceProps {
  device: DeviceView;
  mayManage: boolean;
  show: (device: NewDeviceView) => void;
}

function Device({ device, mayManage, show }: DeviceProps) {
  const { id, name, kind, isStandIn, lastAt, lastSample, trouble, reading, station } = device;
  const [isSure, setSure] = useState(false);
  const [newKey, renewing] = useNewDeviceKeyMutation();
  const [remove, removing] = useRemoveDeviceMutation();
  const words = useWords();
  const said = useSample();
  // Those of the demo company are played for every visitor.
  const isDemo = useSessionQuery().data?.session?.company.isDemo ?? false;
  const error = renewing.error ?? removing.error;
  return (
    <article className={styles.device}>
      <h2>{name}</h2>
      <p>
        {words(`devices.kinds.${kind}`)}
        {isStandIn && ` · ${words('devices.standIn')}`}
      </p>
      <p>
        {lastAt === null
          ? words('devices.never')
          : `${words('devices.last', { date: dateWords(lastAt), time: timeWords(lastAt) })} ${lastSample ? said(lastSample) : ''}`}
      </p>
      <p>
        {station ? (
          <>
            {words('devices.records')}{' '}
            <Link
              to={`/jobs/${station.jobId}/lines/${station.lineId}/bench/${encodeURIComponent(station.tag)}?of=station-log`}
            >
              {station.tag}
            </Link>
          </>
        ) : reading ? (
          <>
            {words('devices.reads')}{' '}
            <Link to={`/jobs/${reading.jobId}/lines/${reading.lineId}/start-up`}>{reading.lineName}</Link>
          </>
        ) : (
          words('devices.idle')
        )}
      </p>
      {trouble !== null && <Alert severity="warning">{translated(trouble)}</Alert>}
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      {mayManage && !(isStandIn && isDemo) && (
        <p className={styles.acts}>
          {!isStandIn && (
            <Button
              size="small"
              disabled={renewing.isLoading}
              onClick={() => void newKey(id).then(({ data }) => data && show(data))}
            >
              {words('devices.newKey')}
            </Button>
          )}
          <Button
            size="small"
            color={isSure ? 'error' : 'primary'}
            disabled={removing.isLoading}
            onBlur={() => setSure(false)}
            onClick={() => (isSure ? void remove(id) : setSure(true))}
          >
            {words(isSure ? 'devices.sure' : 'devices.remove')}
          </Button>
        </p>
      )}
    </article>
  );
}

/** What a device read, in the reader's units. */
function useSample(): (sample: DeviceSample | LevelSample) => string {
  const figures = useFigures();
  const words = useWords();
  return (sample) => {
    if ('levelM' in sample)
      return `${figures.quantity(sample.levelM, 'length')} · ${words(sample.pumpOn ? 'devices.pumpOn' : 'devices.pumpOff')}`;
    const { pressurePa, temperatureC, inletPa, flowM3s } = sample;
    return [
      figures.gauge(pressurePa),
      ...(inletPa === undefined ? [] : [figures.gauge(inletPa)]),
      ...(temperatureC === undefined ? [] : [figures.quantity(temperatureC, 'temperature')]),
      ...(flowM3s === undefined ? [] : [figures.quantity(flowM3s, 'flow')]),
    ].join(' · ');
  };
}

/** The key of a device that was just made: it is shown this once. */
function Key({ device, close }: { device: NewDeviceView; close: () => void }) {
  const words = useWords();
  const address = `${window.location.origin}/api/devices/samples`;
  const example = `curl -X POST ${address} -H 'Authorization: Bearer ${device.key}' -H 'Content-Type: application/json' \\
  -d '{"sentAt":"2026-05-01T12:00:05Z","samples":[{"at":"2026-05-01T12:00:04Z","pressurePa":345000,"temperatureC":15}]}'`;
  return (
    <Alert severity="info" onClose={close} className={styles.key}>
      <b>{words('devices.keyOf', { name: device.name })}</b>
      <p>{words('devices.once')}</p>
      <code>{device.key}</code>
      <p>{words('devices.address')}</p>
      <code>{address}</code>
      <details>
        <summary>{words('devices.example')}</summary>
        <pre>{example}</pre>
      </details>
    </Alert>
  );
}

function Add({ show }: { show: (device: NewDeviceView) => void }) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<DeviceKind>('logger');
  const [add, { error, isLoading }] = useAddDeviceMutation();
  const words = useWords();
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const { data } = await add({ name: name.trim(), kind });
    if (!data) return;
    setName('');
    show(data);
  };
  return (
    <form className={styles.add} onSubmit={(event) => void submit(event)}>
      <TextField
        size="small"
        label={words('devices.name')}
        value={name}
        onChange={({ target }) => setName(target.value)}
        slotProps={{ htmlInput: { maxLength: 80 } }}
      />
      <TextField
        select
        size="small"
        label={words('devices.kind')}
        value={kind}
        onChange={({ target }) => setKind(target.value as DeviceKind)}
        sx={{ minWidth: 200 }}
      >
        {DEVICE_KINDS.map((of) => (
          <MenuItem key={of} value={of}>
            {words(`devices.kinds.${of}`)}
          </MenuItem>
        ))}
      </TextField>
      <Button type="submit" variant="contained" disabled={isLoading || name.trim() === ''}>
        {words('devices.add')}
      </Button>
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
    </form>
  );
}
