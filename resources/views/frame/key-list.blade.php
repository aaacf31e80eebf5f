<dialog id="keys" class="dj-dialog" aria-labelledby="keys-title">
    <h2 id="keys-title">Keys</h2>
    <dl>
        <div>
            <dt><kbd class="dj-kbd">N</kbd></dt>
            <dd>Next move</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">Space</kbd></dt>
            <dd>Start or stop the run; on As found, one half turn</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">Enter</kbd></dt>
            <dd>Log a reading</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">Esc</kbd></dt>
            <dd>Out of a field</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">R</kbd></dt>
            <dd>Type rpm</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">L</kbd></dt>
            <dd>Note</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">1</kbd> to <kbd class="dj-kbd">9</kbd></dt>
            <dd>On Strip, that part is off</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">U</kbd></dt>
            <dd>Undo the last part</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">A</kbd></dt>
            <dd>All that is left: off as listed, or sound</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">G</kbd> <kbd class="dj-kbd">C</kbd> <kbd class="dj-kbd">X</kbd></dt>
            <dd>On Clean: sound, cleaned, new part</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">I</kbd></dt>
            <dd>Intake, on the board</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">P</kbd></dt>
            <dd>Into the drawing, then arrows between parts</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">[</kbd> <kbd class="dj-kbd">]</kbd></dt>
            <dd>Previous, next station</dd>
        </div>
        <div>
            <dt>Arrows</dt>
            <dd>On a dial 1/8 turn, with Shift 1/4</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">T</kbd></dt>
            <dd>Day shop, night garage</dd>
        </div>
        <div>
            <dt><kbd class="dj-kbd">?</kbd></dt>
            <dd>This list</dd>
        </div>
    </dl>
    <label class="dj-check"><input type="checkbox" id="keys-off"> Letter keys off on this device</label>
    <form method="dialog"><button class="btn btn-secondary">Close</button></form>
</dialog>
