<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="dark light">
    <meta http-equiv="refresh" content="8">
    <title>One moment · Rush Hold</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <style>
        body { margin: 0; min-height: 100vh; display: grid; place-items: center; background: #12171d; color: #f1ece3; font: 18px/1.5 system-ui, sans-serif }
        main { max-width: 30em; padding: 24px }
        img { width: 56px; height: 56px }
        h1 { margin: 20px 0 8px; font-size: 30px; line-height: 1.2 }
        p { margin: 0 0 8px }
        section { margin-top: 28px; font-size: 15px }
        h2 { margin: 0 0 4px; font-size: 18px }
        @media (prefers-color-scheme: light) { body { background: #f7f4ed; color: #12171d } }
    </style>
</head>
<body>
    <main>
        <img src="/icon.svg" alt="">
        <h1>One moment</h1>
        <p>The server is busy or under maintenance.</p>
        <p>This page tries again by itself in a few seconds. Nothing you entered is lost.</p>
        <section lang="de">
            <h2>Einen Moment</h2>
            <p>Der Server ist ausgelastet oder wird gewartet. Diese Seite versucht es in ein paar Sekunden von selbst noch einmal; deine Eingaben sind nicht verloren.</p>
        </section>
    </main>
</body>
</html>
