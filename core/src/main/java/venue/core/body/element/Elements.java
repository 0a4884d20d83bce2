package venue.core.body.element;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.section.ColumnSettings;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.SectionSettings;

/** All kinds of element there are. */
public final class Elements {

    private static final List<ElementKind> ALL = List.of(
            new HeadingElement(),
            new TextElement(),
            new ImageElement(),
            new PicturesElement(),
            new FilmElement(),
            new ButtonsElement(),
            new LinksElement(),
            new MenuElement(),
            new QuoteElement(),
            new QuestionsElement(),
            new StepsElement(),
            new FiguresElement(),
            new OffersElement(),
            new PeopleElement(),
            new LogosElement(),
            new TimelineElement(),
            new TableElement(),
            new DocumentsElement(),
            new NoticeElement(),
            new CountdownElement(),
            new ListingElement(),
            new FormElement(),
            new TakeElement(),
            new CommentsElement(),
            new LatestCommentsElement(),
            new RatingElement(),
            new SearchElement(),
            new ContentsElement(),
            new SiteIndexElement(),
            new AroundElement(),
            new NeighboursElement(),
            new FactsElement(),
            new ContactElement(),
            new HoursElement(),
            new SocialElement(),
            new WhereElement(),
            new OutsideElement(),
            new OwnHtmlElement(),
            new SignInElement(),
            new JoinElement(),
            new ForgottenElement(),
            new ConfirmElement(),
            new MyPageElement(),
            new LeaveElement(),
            new LettersElement(),
            new GreetingElement(),
            new DividerElement(),
            new SpaceElement());

    private static final Map<String, ElementKind> BY_KEY =
            ALL.stream().collect(Collectors.toUnmodifiableMap(ElementKind::key, Function.identity()));

    private Elements() {}

    /** In the order in which they are offered. */
    public static List<ElementKind> all() {
        return ALL;
    }

    public static Optional<ElementKind> find(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }

    /** Whether the element is of a kind of which something is so. */
    public static boolean is(Element element, Predicate<ElementKind> so) {
        return find(element.kind()).filter(so).isPresent();
    }

    public static ElementKind require(String key) {
        return find(key)
                .orElseThrow(() -> Refusal.badInput(
                        "unknown-element-kind",
                        "kind",
                        "There is no kind of element “" + key + "”.",
                        "Known: "
                                + String.join(
                                        ", ", BY_KEY.keySet().stream().sorted().toList()) + "."));
    }

    /** The value as the element's declaration takes it, cleaned; refused with the path when it does not. */
    public static Value check(Element element, String key, Value value) {
        Property property =
                PropertyCheck.require(require(element.kind()).properties(), key, element.kind() + "." + key);
        return PropertyCheck.one(property, value, key);
    }

    /** A section with everything in it held against the declarations and cleaned. */
    public static Section check(Section section) {
        Section checked = section.mapElements(e -> new Element(
                e.id(),
                e.kind(),
                PropertyCheck.all(require(e.kind()).properties(), e.props(), section.name() + "." + e.id())));
        PropertyCheck.all(SectionSettings.all(), section.settings(), section.name());
        section.columns()
                .forEach(c -> PropertyCheck.all(ColumnSettings.all(), c.settings(), section.name() + "." + c.id()));
        return checked;
    }
}
