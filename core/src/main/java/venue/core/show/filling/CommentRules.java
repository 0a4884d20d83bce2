package venue.core.show.filling;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import venue.core.body.trace.CommentRule;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.UsualFields;

/** How pages take comments: as they say themselves, else as their kind says, until its days are over. */
public final class CommentRules {

    private static final int DAY = "2026-01-01".length();

    private CommentRules() {}

    public static CommentRule of(Edition edition, Page page, LocalDate today) {
        String own = PageSettings.comments(page);
        return switch (own) {
            case "none" -> CommentRule.NONE;
            case "held" -> CommentRule.HELD;
            case "once" -> CommentRule.ONCE;
            case "closed" -> CommentRule.CLOSED;
            default ->
                edition.kindOf(page).map(kind -> of(edition, page, kind, today)).orElse(CommentRule.NONE);
        };
    }

    private static CommentRule of(Edition edition, Page page, Kind kind, LocalDate today) {
        return switch (kind.comments()) {
            case "held" -> isOver(edition, page, kind, today) ? CommentRule.CLOSED : CommentRule.HELD;
            case "once" -> isOver(edition, page, kind, today) ? CommentRule.CLOSED : CommentRule.ONCE;
            default -> CommentRule.NONE;
        };
    }

    private static boolean isOver(Edition edition, Page page, Kind kind, LocalDate today) {
        String date = edition.words(page, UsualFields.DATE);
        if (kind.commentsDays() == 0 || date.length() < DAY) {
            return false;
        }
        try {
            return LocalDate.parse(date.substring(0, DAY))
                    .plusDays(kind.commentsDays())
                    .isBefore(today);
        } catch (DateTimeParseException e) {
            return false;
        }
    }

    /** The form by which comments are made on a page. */
    public static Optional<Form> form(Edition edition, Page page) {
        return edition.all(Form.class)
                .filter(f -> !f.retired() && f.commentField().isPresent())
                .filter(f -> FormUse.isOn(edition, page, f.id()))
                .findFirst();
    }
}
