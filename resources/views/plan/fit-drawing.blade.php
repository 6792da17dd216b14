<x-open-box :drawing="$fit->drawing()" :ink="$ink" :xmlns="$ink::SVG" />
