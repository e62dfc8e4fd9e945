<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width">
    <meta name="color-scheme" content="dark light">
    <meta http-equiv="refresh" content="8">
    <title>Rush Hold</title>
    <style>body { font: 17px/1.5 system-ui, sans-serif; max-width: 32em; margin: 18vh auto; padding: 0 24px }</style>
</head>
<body>
    <h1>One moment</h1>
    <p>The server is being looked after. This page tries again by itself in a few seconds; nothing you entered is lost.</p>
</body>
</html>
