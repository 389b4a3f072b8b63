export { toolRow, TOOLS, type ToolId } from './tools.ts';
