package venue.server.catalog;

import venue.core.model.theme.Look;

/** The type and page width (pixels) of the look the site wears, for writing in it. */
record TypeInfo(String headingFont, String bodyFont, int pageWidth) {

    static TypeInfo of(Look look) {
        return new TypeInfo(look.text("headingFont"), look.text("bodyFont"), (int) look.number("pageWidth"));
    }
}
