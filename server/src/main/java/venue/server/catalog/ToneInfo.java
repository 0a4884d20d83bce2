package venue.server.catalog;

import venue.core.model.theme.Tone;

/** A tone's ground and words, for swatches. */
record ToneInfo(String key, String label, String ground, String words, String quiet, String line) {

    static ToneInfo of(Tone tone) {
        return new ToneInfo(
                tone.key(),
                tone.label(),
                tone.ground().hex(),
                tone.words().hex(),
                tone.quiet().hex(),
                tone.line().hex());
    }
}
