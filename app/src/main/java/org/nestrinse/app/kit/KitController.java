package org.nestrinse.app.kit;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.nestrinse.core.wash.Disagreement;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class KitController {
  private final HouseholdService household;
  private final PersonService people;
  private final KindService kinds;
  private final ProductService products;
  private final MachineService machine;
  private final PlaceService places;
  private final MeasurementService measurements;
  private final DryerService dryers;
  private final KindCatalogue catalogue;

  KitController(
      HouseholdService household,
      PersonService people,
      KindService kinds,
      ProductService products,
      MachineService machine,
      PlaceService places,
      MeasurementService measurements,
      DryerService dryers,
      KindCatalogue catalogue) {
    this.household = household;
    this.people = people;
    this.kinds = kinds;
    this.products = products;
    this.machine = machine;
    this.places = places;
    this.measurements = measurements;
    this.dryers = dryers;
    this.catalogue = catalogue;
  }

  @GetMapping("/household")
  @CachedAnswer
  Household household() {
    return household.current();
  }

  @PutMapping("/household")
  Household changeHousehold(@RequestBody HouseholdService.Change change) {
    return household.change(change);
  }

  @PutMapping("/household/zone")
  Household firstZone(@RequestBody HouseholdService.ZoneChange change) {
    return household.firstZone(change);
  }

  @PutMapping("/household/answers/{question}")
  Household answer(
      @PathVariable Disagreement question, @RequestBody HouseholdService.AnswerChange change) {
    return household.answer(question, change);
  }

  @GetMapping("/people")
  @CachedAnswer
  List<Person> people() {
    return people.all();
  }

  @PostMapping("/people")
  @ResponseStatus(HttpStatus.CREATED)
  Person addPerson(@RequestBody PersonService.Change change) {
    return people.add(change);
  }

  @PutMapping("/people/{id}")
  Person changePerson(@PathVariable long id, @RequestBody PersonService.Change change) {
    return people.change(id, change);
  }

  @GetMapping("/kinds")
  @CachedAnswer
  List<KindView> kinds() {
    return kinds.all();
  }

  @PostMapping("/kinds")
  @ResponseStatus(HttpStatus.CREATED)
  KindView addKind(@RequestBody KindService.Change change) {
    return kinds.add(change);
  }

  @PutMapping("/kinds/{id}")
  KindView changeKind(@PathVariable long id, @RequestBody KindService.Change change) {
    return kinds.change(id, change);
  }

  @PostMapping("/kinds/{id}/weigh")
  KindView weigh(@PathVariable long id, @RequestBody KindService.Weighing weighing) {
    return kinds.weigh(id, weighing);
  }

  @DeleteMapping("/kinds/{id}/bulk")
  KindView forgetBulk(@PathVariable long id) {
    return kinds.forgetBulk(id);
  }

  @GetMapping("/catalogue")
  List<KindCatalogue.Preset> catalogue() {
    return catalogue.presets();
  }

  @GetMapping("/products")
  @CachedAnswer
  List<ProductService.View> products() {
    return products.all();
  }

  @PostMapping("/products")
  @ResponseStatus(HttpStatus.CREATED)
  ProductService.View addProduct(@RequestBody ProductService.Change change) {
    return products.add(change);
  }

  @PutMapping("/products/{id}")
  ProductService.View changeProduct(
      @PathVariable long id, @RequestBody ProductService.Change change) {
    return products.change(id, change);
  }

  @GetMapping("/machine")
  MachineService.View machine() {
    return machine.view();
  }

  @PutMapping("/machine")
  MachineService.View changeMachine(@RequestBody MachineService.Change change) {
    return machine.change(change);
  }

  @GetMapping("/machines")
  @CachedAnswer
  List<MachineService.View> machines() {
    return machine.all();
  }

  @PostMapping("/machines")
  @ResponseStatus(HttpStatus.CREATED)
  MachineService.View addMachine(@RequestBody MachineService.Change change) {
    return machine.add(change);
  }

  @PutMapping("/machines/{id}")
  MachineService.View changeMachine(
      @PathVariable long id, @RequestBody MachineService.Change change) {
    return machine.change(id, change);
  }

  @PostMapping("/machines/{id}/logs")
  MeasurementService.Preview log(@PathVariable long id, @RequestBody MeasurementService.Sent sent) {
    return measurements.read(id, sent);
  }

  @DeleteMapping("/machines/{id}/logs")
  MachineService.View forgetLog(@PathVariable long id, @RequestParam String programme) {
    return machine.measured(id, programme, null);
  }

  @GetMapping("/dryers")
  @CachedAnswer
  List<DryerService.View> dryers() {
    return dryers.all();
  }

  @PostMapping("/dryers")
  @ResponseStatus(HttpStatus.CREATED)
  DryerService.View addDryer(@RequestBody DryerService.Change change) {
    return dryers.add(change);
  }

  @PutMapping("/dryers/{id}")
  DryerService.View changeDryer(@PathVariable long id, @RequestBody DryerService.Change change) {
    return dryers.change(id, change);
  }

  @GetMapping("/places")
  @CachedAnswer
  List<PlaceService.Numbered> places() {
    return places.all();
  }

  @PostMapping("/places")
  @ResponseStatus(HttpStatus.CREATED)
  PlaceService.Numbered addPlace(@RequestBody PlaceService.Change change) {
    return places.add(change);
  }

  @PutMapping("/places/{id}")
  PlaceService.Numbered changePlace(
      @PathVariable long id, @RequestBody PlaceService.Change change) {
    return places.change(id, change);
  }
}
