    <style>
        @page { margin: 14mm 15mm; }
        body { font: 9.8pt/1.35 Text, 'DejaVu Sans', sans-serif; color: #12333c; }
        h1 { font: bold 20pt/1.1 Display; margin: 0; }
        h2 { font: bold 12pt/1.2 Display; margin: 5mm 0 1.5mm; border-bottom: 1.2pt solid #2e5e8f; padding-bottom: 1mm; }
        p { margin: 0 0 2mm; }
        ul { margin: 0; padding-left: 5mm; }
        table { width: 100%; border-collapse: collapse; }
        td, th { text-align: left; vertical-align: top; padding: 0.7mm 2mm 0.7mm 0; border-bottom: 0.4pt solid #c9d8e4; font-size: 8.8pt; }
        th { width: 28%; }
        .muted { color: #4b646b; }
        .hazard { color: #8b1f33; }
        .photos img { height: 48mm; margin: 1mm 2mm 1mm 0; }
    </style>
