package venue.core.model.theme;

import venue.core.model.property.PropertyGroup;

/** One part of a theme as a visitor meets it: what can be set of it, and the custom properties that this becomes. */
interface Part {

    PropertyGroup declared();

    /** Choices of arrangement become no properties: their rules are read from files ({@link Rules}). */
    default void write(Look look, Css root) {}

    /** Rules that are there for some values only. */
    default String rules(Look look, Files files) {
        return "";
    }
}
