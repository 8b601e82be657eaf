import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import './app.css';
import { swallowSecondPress } from './app/once';
import { openKitchen } from './app/open';
import { Root } from './app/Root';
import { collectReports } from './report';

const root = document.getElementById('root');
if (!root) throw new Error('the page has no place for the application');
swallowSecondPress();
collectReports();
createRoot(root).render(
  <StrictMode>
    <Root />
  </StrictMode>,
);
void openKitchen();
