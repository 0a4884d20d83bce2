package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.Map;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.body.scene.Props;
import venue.core.body.scene.ShownMenu;
import venue.core.model.menu.Menu;
import venue.core.model.property.PropertyType;

/** One of the site's menus, in a column. */
final class MenuElement extends DeclaredKind {

    MenuElement() {
        super(
                "menu",
                "Menu",
                "The lines of one of the site's menus",
                of("menu", "Menu", PropertyType.MENU),
                choice("shape", "Lines stand", "list=One beneath the other", "row=In a row", "columns=In columns"),
                number("levels", "Levels", 1, Menu.LEVELS, Menu.LEVELS, ""));
    }

    @Override
    public boolean isOwn(Map<String, Value> props) {
        return false;
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public Optional<String> unchosen(Map<String, Value> props) {
        return Optional.of("menu").filter(key -> !props.containsKey(key));
    }

    @Override
    public boolean hasSomething(Props props) {
        return menu(props).isPresent();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        menu(props)
                .ifPresent(m -> ShownMenu.write(
                        m.lines(), props.number("levels"), "menu-lines as-" + props.text("shape"), out));
    }

    private static Optional<ShownMenu> menu(Props props) {
        return props.scene().links().menu(props.text("menu"));
    }
}
