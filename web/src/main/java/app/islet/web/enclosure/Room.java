package app.islet.web.enclosure;

import app.islet.core.enclosure.Site;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** A room enclosures stand in. Its temperatures are the site of every design in it. */
@Entity
public class Room {
    @Id @GeneratedValue(strategy = GenerationType.IDENTITY) private Long id;
    private Long collectionId;
    private String name;
    private double summerDayC;
    private double summerNightC;
    private double winterDayC;
    private double winterNightC;
    private double humidityPercent;

    /** For Hibernate only. */
    protected Room() {}

    public Room(long collectionId, String name, Site site) {
        this.collectionId = collectionId;
        change(name, site);
    }

    public final void change(String newName, Site site) {
        this.name = newName;
        this.summerDayC = site.summerDayC();
        this.summerNightC = site.summerNightC();
        this.winterDayC = site.winterDayC();
        this.winterNightC = site.winterNightC();
        this.humidityPercent = site.humidityPercent();
    }

    public Long id() { return id; }

    public Long collectionId() { return collectionId; }

    public String name() { return name; }

    public Site site() { return new Site(summerDayC, summerNightC, winterDayC, winterNightC, humidityPercent); }
}
