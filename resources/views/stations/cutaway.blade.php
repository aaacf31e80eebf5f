<x-sheet.cutaway :state="$page->cutaway" />
