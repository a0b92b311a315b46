package mellowflare.app.gauge;

import mellowflare.app.desk.Desk;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.identify.Identifier;
import mellowflare.core.identify.ShopFindings;

/** The identifier of the open book. */
final class Weighed {
    private final Desk desk;
    private Identifier identifier;
    private ShopFindings weighed = ShopFindings.NONE;

    Weighed(Desk desk) {
        this.desk = desk;
        this.identifier = new Identifier(desk.data());
    }

    /** The shop's findings weigh in unless its practice says otherwise. */
    Identifier identifier() {
        boolean own = desk.data()
                .get(Methods.KEY)
                .chosen(MethodTopic.END_PRIOR, desk.job().practice())
                .id()
                .equals("shop");
        ShopFindings now = own ? desk.findingsProperty().get() : ShopFindings.NONE;
        if (!now.equals(weighed)) {
            weighed = now;
            identifier = new Identifier(desk.data(), now);
        }
        return identifier;
    }
}
