// What one test leaves on the device is not there for the next.
afterEach(() => {
  localStorage.clear();
  sessionStorage.clear();
});
