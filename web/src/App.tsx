import { Navigate, Route, Routes } from 'react-router';
import { useLiveNews } from './api/live';
import { useSendWaiting } from './kitchen/bakes';
import { LogStation } from './stations/log/LogStation';
import { OvenAlarms } from './stations/oven/OvenAlarms';
import { OvenStation } from './stations/oven/OvenStation';
import { PrepStation } from './stations/prep/PrepStation';
import { PrintPage } from './stations/print/PrintPage';
import { TrayStation } from './stations/tray/TrayStation';
import { WhyStation } from './stations/why/WhyStation';
import { Button } from './ui/Button';

export function App() {
  const connected = useLiveNews();
  const [refused, seen] = useSendWaiting(connected);
  return (
    <>
      <OvenAlarms />
      {refused && (
        <p role="alert" className="flex flex-wrap items-center justify-between gap-x-4 px-5 py-2 font-medium text-stop">
          Kept on this device, and not taken by the kitchen: {refused.message}
          <Button onClick={seen}>Seen</Button>
        </p>
      )}
      <Routes>
        <Route path="/tray" element={<TrayStation connected={connected} />} />
        <Route path="/prep" element={<PrepStation connected={connected} />} />
        <Route path="/print" element={<PrintPage />} />
        <Route path="/oven" element={<OvenStation connected={connected} />} />
        <Route path="/why" element={<WhyStation connected={connected} />} />
        <Route path="/log" element={<LogStation connected={connected} />} />
        <Route path="*" element={<Navigate to="/tray" replace />} />
      </Routes>
    </>
  );
}
