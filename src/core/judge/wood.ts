/** What things of wood are called. Common words; own choice. */
const WOODS =
  /\b(wood(en)?|timber|oak|walnut|cherry|pine|fir|ash|maple|beech|birch|teak|mahogany|elm|larch|cedar|spruce|chestnut|wenge|iroko|bamboo|cork|parquet|herringbone|floorboards?|boards|plywood|rattan)\b/i;
/** What is of wood no more to the eye, or named after it only. */
const NOT_WOOD =
  /\b(paint(ed)?|grey-?wash(ed)?|white-?wash(ed)?|lacquer(ed)?|carpet|tiles?|stone|ash grey|skirting|baseboards?)\b/i;

/** Whether a thing is of wood, by what it is called: the colour of pale oak is that of stone, and the eye knows which it is. */
export const isWoodByName = (name: string): boolean => WOODS.test(name) && !NOT_WOOD.test(name);
