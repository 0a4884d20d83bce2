package venue.core.model.media;

/**
 * What a font file says of itself.
 *
 * @param family the name of its family
 * @param italic whether its letters lean
 * @param lightest the lightest weight that it has, 1 to 1000 (CSS Fonts 4); the same as the heaviest where it has one alone
 * @param generic what stands in for it: {@code serif}, {@code sans-serif} or {@code monospace}
 * @param licence what its makers say of its use, or empty
 */
public record Font(String family, boolean italic, int lightest, int heaviest, String generic, String licence) {

    public Font {
        family = family == null ? "" : family;
        generic = generic == null ? "sans-serif" : generic;
        licence = licence == null ? "" : licence;
    }
}
