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

export function App() {
  const connected = useLiveNews();
  useSendWaiting(connected);
  return (
    <>
      <OvenAlarms />
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
