package venue.core.element;

/** The few words that elements say of themselves to visitors, in the languages that Venue speaks. */
public enum Phrase {
    PICTURES("Pictures", "Bilder", "Images"),
    CLOSE("Close", "Schließen", "Fermer"),
    ON_THIS_PAGE("On this page", "Auf dieser Seite", "Sur cette page"),
    DAYS("days", "Tage", "jours"),
    DAY("day", "Tag", "jour"),
    HOURS("hours", "Stunden", "heures"),
    HOUR("hour", "Stunde", "heure"),
    LESS_THAN_AN_HOUR("less than an hour", "weniger als eine Stunde", "moins d’une heure"),
    OPEN_IN_MAPS("Open in a map", "In einer Karte öffnen", "Ouvrir dans une carte"),
    SHOW_FROM(
            "Show what %s has here. It will learn that you were.",
            "Zeigen, was %s hier hat. Es erfährt, dass Sie hier waren.",
            "Montrer ce que %s propose ici. Il saura que vous êtes venu."),
    E_MAIL("E-mail", "E-Mail", "Courriel"),
    TABLE("Table", "Tabelle", "Tableau"),
    MAP("Map", "Karte", "Carte"),
    TELEPHONE("Telephone", "Telefon", "Téléphone");

    private final String english;
    private final String german;
    private final String french;

    Phrase(String english, String german, String french) {
        this.english = english;
        this.german = german;
        this.french = french;
    }

    /** The words in a language (BCP 47); English where it is not spoken here. */
    public String in(String language) {
        return language.startsWith("de") ? german : language.startsWith("fr") ? french : english;
    }
}
