import { configure } from '@testing-library/react';

// What comes soon on a quiet machine may take seconds beside everything else; what never comes is still told.
configure({ asyncUtilTimeout: 20_000 });

// What one test leaves on the device is not there for the next.
afterEach(() => {
  localStorage.clear();
  sessionStorage.clear();
});
