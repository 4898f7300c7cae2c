// What is looked at comes first: the page is painted, then what answers is made ready, in a task of its own.
const painted = new Promise((resolve) => {
  requestAnimationFrame(() => setTimeout(resolve));
  // A page in the background is painted when it is looked at.
  setTimeout(resolve, 300);
});

// On a narrow screen the rail is longer than the page: where one is comes into sight.
document.querySelector('.station.is-here')?.scrollIntoView({ inline: 'center', block: 'nearest', behavior: 'instant' });

// It is asked for with the page; see `looks.blade.php`.
painted.then(() => import(/* @vite-ignore */ document.querySelector('link[rel=modulepreload]').href));
