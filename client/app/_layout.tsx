import '../global.css';

export { AppFrame as default, AppError as ErrorBoundary } from '../src/frame/app-frame';
