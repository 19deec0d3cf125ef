document.body.textContent = 'hi';
