package venue.core.model.theme;

import static venue.core.model.property.Property.choice;

import java.util.List;
import venue.core.model.property.PropertyGroup;

/** What stands in a row or in a box. */
final class ListsPart implements Part {

    @Override
    public PropertyGroup declared() {
        return new PropertyGroup(
                "lists",
                "Cards, lists and facts",
                List.of(
                        choice("cardShape", "Cards", CardShape.choices()),
                        choice("listShape", "Lists", "ruled=With rules", "plain=Plain"),
                        choice(
                                "factShape",
                                "Facts",
                                "spec=As a specification",
                                "strip=As a strip",
                                "sentence=As a sentence")));
    }
}
